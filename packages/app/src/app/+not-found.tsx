import { useRouter } from 'expo-router';
import { Empty } from '../ui/states';

export default function NotFound() {
  const router = useRouter();
  return <Empty title="No such place" text="The address leads nowhere here." action={{ title: 'Go to Today', onPress: () => router.replace('/') }} />;
}
