import { useLocalSearchParams } from 'expo-router';
import { ItemScreen } from '../../../screens/lazy-bench';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <ItemScreen id={id} key={id} />;
}
