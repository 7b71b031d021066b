import { Slot } from 'expo-router';
import { AlmanacList } from '../../screens/lazy-pictures';
import { TwoPane } from '../../screens/two-pane';

export default function Layout() {
  return (
    <TwoPane list={<AlmanacList />}>
      <Slot />
    </TwoPane>
  );
}
