import { lazy, Suspense, type ComponentType } from 'react';
import { Loading } from '../ui/states';

const tools = () => import('./bench/all');

/** A tool of the bench, loaded when it is first opened. */
function tool<P extends object>(pick: (all: Awaited<ReturnType<typeof tools>>) => ComponentType<P>): ComponentType<P> {
  const Lazy = lazy(async () => ({ default: pick(await tools()) as ComponentType<object> }));
  return function Opened(props: P) {
    return (
      <Suspense fallback={<Loading />}>
        <Lazy {...props} />
      </Suspense>
    );
  };
}

export const AmountScreen = tool((all) => all.AmountScreen);
export const BordeauxMix = tool((all) => all.BordeauxMix);
export const BordeauxScreen = tool((all) => all.BordeauxScreen);
export const BuyScreen = tool((all) => all.BuyScreen);
export const CalibrateScreen = tool((all) => all.CalibrateScreen);
export const CheckRecipe = tool((all) => all.CheckRecipe);
export const ItemNew = tool((all) => all.ItemNew);
export const ItemScreen = tool((all) => all.ItemScreen);
export const PrepareList = tool((all) => all.PrepareList);
export const PrepareRun = tool((all) => all.PrepareRun);
export const PrepareScreen = tool((all) => all.PrepareScreen);
export const RateScreen = tool((all) => all.RateScreen);
export const SoapBatch = tool((all) => all.SoapBatch);
export const SoapScreen = tool((all) => all.SoapScreen);
export const SoapStart = tool((all) => all.SoapStart);
export const TreeScreen = tool((all) => all.TreeScreen);
export const UnitsScreen = tool((all) => all.UnitsScreen);
