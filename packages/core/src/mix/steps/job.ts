import type { Site } from '../../catalogue/sites';
import type { PlacedHow } from '../../catalogue/how';
import type { Method } from '../../catalogue/methods';
import type { Control } from '../../catalogue/schema';
import { methodOf, type LabelSheet } from '../../label';
import { inWordsOf } from '../../measure';
import type { MixPlan } from '../types';

/** Where the plants stand: in the open, in a tunnel or glasshouse that bees reach, or in a room. */

/** What the cards of a mix follow from, beside its figures. */
export interface JobAbout {
  /** As the grower calls it; null where none is used. */
  readonly sprayer: string | null;
  readonly site: Site;
  /** The control's own lines on how to do it. */
  readonly how: readonly Control['how'][number][];
}

export interface Job extends JobAbout {
  readonly plan: MixPlan;
  readonly method: Method;
  /** Wind blows and bees fly there. */
  readonly open: boolean;
  readonly vessel: Vessel;
}

/** What it is made and carried in: none of them for what goes on as it comes. */
export type Vessel = 'sprayer' | 'can' | 'hose-end' | null;

/** @example jobOf(plan, { sprayer: null, site: 'indoors', how }) // { method: 'soil-drench', vessel: 'can', open: false, … } */
export function jobOf(plan: MixPlan, about: JobAbout): Job {
  const method = methodOf(plan.sheet, plan.line);
  const byCan = (method === 'soil-drench' || method === 'soil-mixed') && about.sprayer === null;
  const vessel = plan.sheet.into === 'not-mixed' ? null : plan.line.rate.dial ? 'hose-end' : byCan ? 'can' : 'sprayer';
  return { ...about, plan, method, open: about.site !== 'indoors', vessel };
}

/** The control's own lines that belong at this place of this job. A line that does not say where belongs where it goes on. */
export function linesAt(job: Job, at: PlacedHow['at']): string[] {
  return job.how
    .filter((line) => (typeof line === 'string' ? at === 'on' : line.at === at && holds(line, job)))
    .map((line) => inWordsOf(typeof line === 'string' ? line : line.text, job.plan.units));
}

const holds = (line: PlacedHow, { method, open, plan, vessel }: Job): boolean =>
  (line.by?.includes(method) ?? true) &&
  (!line.open || open) &&
  (line.state === undefined || line.state === plan.sheet.state) &&
  (!line.mixed || vessel !== null);

/** Ready to use: nothing is measured and nothing thinned. */
export const isReady = (sheet: Pick<LabelSheet, 'formulation'>): boolean => sheet.formulation === 'RTU';

const LIVING = 'Bacillus thuringiensis';

/** What is measured, in a word or two. @example nounOf(soap) // 'soap' */
export function nounOf(sheet: LabelSheet): string {
  const active = sheet.actives[0]?.name ?? 'product';
  if (sheet.groups.includes('copper')) return 'copper';
  if (sheet.groups.includes('soap')) return 'soap';
  if (sheet.groups.includes('oil')) return 'oil';
  if (active.startsWith(LIVING)) return 'Bt';
  const short = active.split(/[,(]/)[0]?.trim() ?? active;
  return sheet.class === 'biological' ? short : short.toLowerCase();
}
