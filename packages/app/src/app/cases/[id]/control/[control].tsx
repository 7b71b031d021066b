import { useLocalSearchParams } from 'expo-router';
import { ControlScreen } from '../../../../screens/decide/control-screen';

export default function Route() {
  const { id, control } = useLocalSearchParams<{ id: string; control: string }>();
  return <ControlScreen caseId={id} controlKey={control} />;
}
