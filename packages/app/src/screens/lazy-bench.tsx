import { lazy, Suspense, type ComponentType, type LazyExoticComponent } from 'react';
import { Loading } from '../ui/states';

const tools = () => import('./bench/all');
type Tools = Awaited<ReturnType<typeof tools>>;

/** A tool of the bench, loaded when it is first opened. */
function tool<K extends keyof Tools>(name: K): Tools[K] {
  const Lazy = lazy(async () => ({ default: (await tools())[name] as ComponentType<object> })) as LazyExoticComponent<ComponentType<object>>;
  const Opened = (props: object) => (
    <Suspense fallback={<Loading />}>
      <Lazy {...props} />
    </Suspense>
  );
  return Opened as unknown as Tools[K];
}

export const AmountScreen = tool('AmountScreen');
export const BordeauxMix = tool('BordeauxMix');
export const BordeauxScreen = tool('BordeauxScreen');
export const BuyScreen = tool('BuyScreen');
export const CalibrateScreen = tool('CalibrateScreen');
export const CheckRecipe = tool('CheckRecipe');
export const ItemNew = tool('ItemNew');
export const ItemScreen = tool('ItemScreen');
export const PrepareList = tool('PrepareList');
export const PrepareRun = tool('PrepareRun');
export const PrepareScreen = tool('PrepareScreen');
export const RateScreen = tool('RateScreen');
export const SoapBatch = tool('SoapBatch');
export const SoapScreen = tool('SoapScreen');
export const SoapStart = tool('SoapStart');
export const TreeScreen = tool('TreeScreen');
export const UnitsScreen = tool('UnitsScreen');
