import { useLocalSearchParams } from 'expo-router';
import { CaseScreen } from '../../../screens/cases/case-screen';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <CaseScreen id={id} key={id} />;
}
