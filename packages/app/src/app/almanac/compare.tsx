import { useLocalSearchParams } from 'expo-router';
import { CompareScreen } from '../../screens/lazy-pictures';

export default function Route() {
  const { a = '', b = '' } = useLocalSearchParams<{ a?: string; b?: string }>();
  return <CompareScreen a={a} b={b} key={`${a} ${b}`} />;
}
