import { useLocalSearchParams } from 'expo-router';
import { SheetEdit } from '../../../screens/lazy-forms';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <SheetEdit id={id} from={null} key={id} />;
}
