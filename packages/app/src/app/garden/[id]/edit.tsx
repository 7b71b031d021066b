import { useLocalSearchParams } from 'expo-router';
import { PlantingEdit } from '../../../screens/lazy-forms';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PlantingEdit id={id} key={id} />;
}
