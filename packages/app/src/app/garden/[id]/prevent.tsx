import { useLocalSearchParams } from 'expo-router';
import { PreventScreen } from '../../../screens/garden/prevent-screen';

export default function Route() {
  const { id, trouble } = useLocalSearchParams<{ id: string; trouble?: string }>();
  return <PreventScreen id={id} asked={trouble ?? null} key={`${id} ${trouble ?? ''}`} />;
}
