import { useLocalSearchParams } from 'expo-router';
import { LookScreen } from '../../screens/lazy-pictures';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LookScreen plantingId={id} key={id} />;
}
