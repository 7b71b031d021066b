import { AlmanacList } from '../../screens/lazy-pictures';
import { useWide } from '../../screens/shell';
import { Empty } from '../../ui/states';

export default function Route() {
  return useWide() ? (
    <Empty title="Choose a page" text="Search by any name, or by what you see: spots, holes, webs. Two pages can be laid side by side." />
  ) : (
    <AlmanacList />
  );
}
