import { useLocalSearchParams } from 'expo-router';
import { AlmanacEntry } from '../../screens/lazy-pictures';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <AlmanacEntry id={id} key={id} />;
}
