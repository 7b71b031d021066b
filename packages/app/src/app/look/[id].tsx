import { useLocalSearchParams } from 'expo-router';
import { LookScreen } from '../../screens/lazy-pictures';

export default function Route() {
  const { id, know } = useLocalSearchParams<{ id: string; know?: string }>();
  return <LookScreen plantingId={id} know={know ?? null} key={id} />;
}
