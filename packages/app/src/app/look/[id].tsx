import { useLocalSearchParams } from 'expo-router';
import { LookScreen } from '../../screens/look/look-screen';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LookScreen plantingId={id} key={id} />;
}
