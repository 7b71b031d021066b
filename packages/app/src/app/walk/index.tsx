import { WalkHome } from '../../screens/lazy-pictures';

export default function Route() {
  return <WalkHome />;
}
