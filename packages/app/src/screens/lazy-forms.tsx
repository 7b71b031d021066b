import { lazy, Suspense, type ComponentProps } from 'react';
import { Loading } from '../ui/states';

const forms = () => import('./forms');
const Edit = lazy(() => forms().then((f) => ({ default: f.PlantingEdit })));
const Settings = lazy(() => forms().then((f) => ({ default: f.SettingsScreen })));
const Sheet = lazy(() => forms().then((f) => ({ default: f.SheetEdit })));
const Setup = lazy(() => forms().then((f) => ({ default: f.SetupScreen })));
const Door = lazy(() => forms().then((f) => ({ default: f.DoorScreen })));

export const PlantingEdit = (props: ComponentProps<typeof Edit>) => (
  <Suspense fallback={<Loading />}>
    <Edit {...props} />
  </Suspense>
);
export const SheetEdit = (props: ComponentProps<typeof Sheet>) => (
  <Suspense fallback={<Loading />}>
    <Sheet {...props} />
  </Suspense>
);
export const SettingsScreen = () => (
  <Suspense fallback={<Loading />}>
    <Settings />
  </Suspense>
);
export const SetupScreen = () => (
  <Suspense fallback={<Loading />}>
    <Setup />
  </Suspense>
);
export const DoorScreen = () => (
  <Suspense fallback={<Loading />}>
    <Door />
  </Suspense>
);
