import { Slot } from 'expo-router';
import { GardenList } from '../../screens/garden/garden-list';
import { TwoPane } from '../../screens/two-pane';

export default function Layout() {
  return (
    <TwoPane list={<GardenList />}>
      <Slot />
    </TwoPane>
  );
}
