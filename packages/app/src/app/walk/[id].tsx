import { useLocalSearchParams } from 'expo-router';
import { WalkScreen } from '../../screens/lazy-pictures';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WalkScreen id={id} key={id} />;
}
