import { useLocalSearchParams } from 'expo-router';
import { PrepareScreen } from '../../../../screens/lazy-bench';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PrepareScreen id={id} key={id} />;
}
