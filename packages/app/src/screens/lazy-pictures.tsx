import { lazy, Suspense, type ComponentProps } from 'react';
import { Loading } from '../ui/states';

const pictures = () => import('./pictures');
const Entry = lazy(() => pictures().then((p) => ({ default: p.AlmanacEntry })));
const List = lazy(() => pictures().then((p) => ({ default: p.AlmanacList })));
const Compare = lazy(() => pictures().then((p) => ({ default: p.CompareScreen })));
const Look = lazy(() => pictures().then((p) => ({ default: p.LookScreen })));
const Walk = lazy(() => pictures().then((p) => ({ default: p.WalkScreen })));
const Home = lazy(() => pictures().then((p) => ({ default: p.WalkHome })));

export const AlmanacEntry = (props: ComponentProps<typeof Entry>) => (
  <Suspense fallback={<Loading />}>
    <Entry {...props} />
  </Suspense>
);
export const AlmanacList = () => (
  <Suspense fallback={<Loading />}>
    <List />
  </Suspense>
);
export const CompareScreen = (props: ComponentProps<typeof Compare>) => (
  <Suspense fallback={<Loading />}>
    <Compare {...props} />
  </Suspense>
);
export const LookScreen = (props: ComponentProps<typeof Look>) => (
  <Suspense fallback={<Loading />}>
    <Look {...props} />
  </Suspense>
);
export const WalkScreen = (props: ComponentProps<typeof Walk>) => (
  <Suspense fallback={<Loading />}>
    <Walk {...props} />
  </Suspense>
);
export const WalkHome = () => (
  <Suspense fallback={<Loading />}>
    <Home />
  </Suspense>
);
