import type { SeasonView } from '../api';
import { instant } from '../measure';
import type { SeasonFacts } from './types';

/** What was served, as the season is laid out from it. */
export const factsOf = (view: SeasonView): SeasonFacts => ({ ...view, now: instant(Date.parse(view.now)) });
