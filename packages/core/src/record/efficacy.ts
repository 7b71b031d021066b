import { done, pub, refused, trim, type Outcome, type Working } from '../measure';

export interface Effect {
  /** Percent; negative when it got worse. */
  readonly percent: number;
  readonly working: Working;
}

const ABBOTT = pub('Abbott 1925, Journal of Economic Entomology 18: 265-267');
const HENDERSON_TILTON = pub('Henderson & Tilton 1955, Journal of Economic Entomology 48: 157-161');

const bad = (n: number) => !Number.isFinite(n) || n < 0;

/**
 * Effect from counts before and after at the same place, with no untreated check.
 * @param before share or count before, > 0 @param after the same measure after, ≥ 0
 * @example reduction(0.45, 0.05) // 88.9 %
 */
export function reduction(before: number, after: number): Outcome<Effect> {
  if (bad(before) || bad(after)) return refused('bad-count', 'Counts are numbers from 0 up.');
  if (before === 0) return refused('nothing-before', 'Nothing was counted before, so there is nothing to compare with.');
  return done(effect('Effect', ((before - after) / before) * 100, { before, after }, '(before − after) ÷ before × 100', { mark: 'CP' }));
}

/**
 * Effect from after-counts on treated and untreated plants.
 * @example abbott(30, 100) // 70 % — 30 alive where treated, 100 where not
 */
export function abbott(treatedAfter: number, checkAfter: number): Outcome<Effect> {
  if (bad(treatedAfter) || bad(checkAfter)) return refused('bad-count', 'Counts are numbers from 0 up.');
  if (checkAfter === 0) return refused('nothing-before', 'The untreated plants had none, so there is nothing to compare with.');
  return done(
    effect(
      'Effect',
      (1 - treatedAfter / checkAfter) * 100,
      { 'treated after': treatedAfter, 'untreated after': checkAfter },
      '(1 − treated ÷ untreated) × 100',
      ABBOTT,
    ),
  );
}

/**
 * Effect from before and after on treated and untreated plants: corrects for what the untreated ones did.
 */
export function hendersonTilton(treated: { before: number; after: number }, check: { before: number; after: number }): Outcome<Effect> {
  const all = [treated.before, treated.after, check.before, check.after];
  if (all.some(bad)) return refused('bad-count', 'Counts are numbers from 0 up.');
  if (treated.before === 0 || check.after === 0) return refused('nothing-before', 'A count that is divided by is 0, so there is nothing to compare with.');
  const percent = (1 - (treated.after * check.before) / (treated.before * check.after)) * 100;
  return done(
    effect(
      'Effect',
      percent,
      { 'treated before': treated.before, 'treated after': treated.after, 'untreated before': check.before, 'untreated after': check.after },
      '(1 − treated after × untreated before ÷ (treated before × untreated after)) × 100',
      HENDERSON_TILTON,
    ),
  );
}

function effect(title: string, percent: number, inputs: Record<string, number>, formula: string, source: Working['source']): Effect {
  return {
    percent,
    working: { title, result: `${trim(percent, 0)} %`, inputs: Object.entries(inputs).map(([name, v]) => ({ name, value: trim(v, 3) })), formula, source },
  };
}
