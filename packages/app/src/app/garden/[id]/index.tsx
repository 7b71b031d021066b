import { useLocalSearchParams } from 'expo-router';
import { PlantingScreen } from '../../../screens/garden/planting-screen';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PlantingScreen id={id} key={id} />;
}
