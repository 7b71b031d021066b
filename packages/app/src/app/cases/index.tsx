import { CaseList } from '../../screens/cases/case-list';
import { useWide } from '../../screens/shell';
import { Empty } from '../../ui/states';

export default function Route() {
  return useWide() ? <Empty title="Choose a case" text="Its stations stand here, from what was seen to when it is safe to pick." /> : <CaseList />;
}
