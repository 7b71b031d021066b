import type { LabelSheet } from '../label';
import type { Load, MixPlan } from './types';

/** What became of one load: what really went in, when, and whether it went out. */
export interface LoadLog {
  /** Product that went in, in the plan's unit. */
  readonly product: number;
  /** Mix in the tank then, ml. */
  readonly water: number;
  /** When product met water, ms; null for what is not mixed or was not begun. */
  readonly madeAt: number | null;
  /** When it was out, ms; null while it is not. */
  readonly outAt: number | null;
  /** It was never put out: past its life, or spoilt. */
  readonly waste: boolean;
}

/** By the load's number; what is not noted went as planned. */
export type MixLog = Readonly<Record<number, Partial<LoadLog>>>;

const HOUR = 3_600_000;

/** A load as it went: what the measures made of it, until something else is noted. */
export const loadLog = (load: Load, log: MixLog): LoadLog => ({
  product: load.made,
  water: load.water,
  madeAt: null,
  outAt: null,
  waste: false,
  ...log[load.number],
});

/** The end of a load's life, ms; null before it is mixed. @example lifeEnd(log, soap) // madeAt + 24 h */
export const lifeEnd = (load: Pick<LoadLog, 'madeAt'>, sheet: Pick<LabelSheet, 'mixLifeHours'>): number | null =>
  load.madeAt === null ? null : load.madeAt + sheet.mixLifeHours * HOUR;

/** Mixed, not out, and past its life: it can not be put out any more. */
export function isPast(load: LoadLog, sheet: Pick<LabelSheet, 'mixLifeHours'>, now: number): boolean {
  const end = lifeEnd(load, sheet);
  return end !== null && load.outAt === null && now > end;
}

/** A mix as it went, for the record. */
export interface MixTally {
  /** Product and mix that went onto the plants. */
  readonly product: number;
  readonly water: number;
  /** Mix that was made and never put out. */
  readonly waste: number;
  /** When the first load was mixed and the last was out, ms; null when nothing says. */
  readonly madeAt: number | null;
  readonly outAt: number | null;
  readonly loads: readonly (LoadLog & { readonly number: number })[];
}

/**
 * What a mix came to, load by load: spoilt loads count as waste and not as put on.
 * @example tally(plan, { 2: { waste: true } }) // the second of two loads: half the product, the rest waste
 */
export function tally(plan: MixPlan, log: MixLog): MixTally {
  const loads = plan.loads.map((l) => ({ number: l.number, ...loadLog(l, log) }));
  const out = loads.filter((l) => !l.waste);
  const least = (of: readonly (number | null)[]) => of.filter((n): n is number => n !== null).sort((a, b) => a - b)[0] ?? null;
  const outAt = out.map((l) => l.outAt).filter((n): n is number => n !== null);
  return {
    product: out.reduce((sum, l) => sum + l.product, 0),
    water: out.reduce((sum, l) => sum + l.water, 0),
    waste: loads.filter((l) => l.waste).reduce((sum, l) => sum + l.water, 0),
    madeAt: least(out.map((l) => l.madeAt)),
    outAt: outAt.length > 0 ? Math.max(...outAt) : null,
    loads,
  };
}
