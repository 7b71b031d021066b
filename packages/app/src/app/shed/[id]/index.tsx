import { useLocalSearchParams } from 'expo-router';
import { SheetScreen } from '../../../screens/shed/sheet-screen';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <SheetScreen id={id} key={id} />;
}
