import { useLocalSearchParams } from 'expo-router';
import { SoapBatch } from '../../../screens/lazy-bench';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <SoapBatch id={id} key={id} />;
}
