import { Slot } from 'expo-router';
import { CaseList } from '../../screens/cases/case-list';
import { TwoPane } from '../../screens/two-pane';

export default function Layout() {
  return (
    <TwoPane list={<CaseList />}>
      <Slot />
    </TwoPane>
  );
}
