import { GardenList } from '../../screens/garden/garden-list';
import { useWide } from '../../screens/shell';
import { Empty } from '../../ui/states';

export default function Route() {
  return useWide() ? <Empty title="Choose a planting" text="Its clocks, cases and what was done stand here. A look starts from it." /> : <GardenList />;
}
