import { useLocalSearchParams } from 'expo-router';
import { DoneScreen } from '../../../screens/cases/done-screen';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <DoneScreen id={id} key={id} />;
}
