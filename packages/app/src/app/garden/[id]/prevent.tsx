import { useLocalSearchParams } from 'expo-router';
import { PreventScreen } from '../../../screens/garden/prevent-screen';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PreventScreen id={id} key={id} />;
}
