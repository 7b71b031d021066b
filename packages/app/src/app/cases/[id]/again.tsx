import { useLocalSearchParams } from 'expo-router';
import { AgainScreen } from '../../../screens/cases/again-screen';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <AgainScreen id={id} key={id} />;
}
