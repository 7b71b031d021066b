import { useLocalSearchParams } from 'expo-router';
import { SheetEdit } from '../../screens/lazy-forms';

export default function Route() {
  const { from } = useLocalSearchParams<{ from?: string }>();
  return <SheetEdit id={null} from={from ?? null} key={from ?? ''} />;
}
