import { PlantingEdit } from '../../screens/lazy-forms';

export default function Route() {
  return <PlantingEdit id={null} />;
}
