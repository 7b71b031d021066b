import { useLocalSearchParams } from 'expo-router';
import { PrepareRun } from '../../../../screens/lazy-bench';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PrepareRun id={id} key={id} />;
}
