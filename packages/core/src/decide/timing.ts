import type { Control, Phase, Trouble, When } from '../catalogue';
import { whenOn } from '../catalogue/used-on';
import { PHASES } from '../catalogue/schema';
import type { PlantingFacts } from './types';

type Stage = PlantingFacts['stage'];

/** At which stages of a planting a phase may be about; what is done before anything grows is a plan, at any stage. */
const STAGES: Readonly<Record<Phase, readonly Stage[]>> = {
  'before-planting': ['seedling', 'growing', 'flowering', 'fruiting', 'dormant'],
  sowing: ['seedling'],
  'planting-out': ['seedling', 'growing'],
  growing: ['seedling', 'growing'],
  bare: ['dormant'],
  'bud-swell': ['dormant'],
  'green-tip': ['dormant', 'growing'],
  'coloured-bud': ['growing'],
  'in-flower': ['flowering'],
  'petal-fall': ['flowering', 'fruiting'],
  'fruit-growing': ['fruiting'],
  'fruit-colouring': ['fruiting'],
  picking: ['fruiting'],
  'after-picking': ['growing', 'fruiting', 'dormant'],
  'leaf-fall': ['dormant'],
};

/** Where a stage begins in the year of a plant. */
const BEGINS: Readonly<Record<Stage, Phase>> = { seedling: 'sowing', growing: 'growing', flowering: 'in-flower', fruiting: 'fruit-growing', dormant: 'bare' };

/** When a means keeps a trouble away, and how near that is. */
export interface Timing {
  /** 'now': it may be about at the planting's stage, to be looked for; 'later': not at this stage. */
  readonly is: 'now' | 'later';
  /** In what can be seen: "as buds swell, before they open". */
  readonly text: string;
  readonly prov: When['prov'];
  /** A stage of the planting at which it comes; of several the nearest to come. */
  readonly stage: Stage;
  /** How many phases away, round the year. */
  readonly away: number;
}

/**
 * The time of a means that keeps a trouble away, by the stage of the planting. What can be seen decides, never the month.
 * @returns null for what has no time of its own
 */
export function timingOf(control: Pick<Control, 'id' | 'when'>, trouble: Pick<Trouble, 'controls'>, stage: Stage): Timing | null {
  const when = whenOn(control, trouble);
  if (!when) return null;
  const from = PHASES.indexOf(BEGINS[stage]);
  const away = (phase: Phase) => (STAGES[phase].includes(stage) ? 0 : (PHASES.indexOf(phase) - from + PHASES.length) % PHASES.length);
  const next = when.phases.reduce((a, b) => (away(b) < away(a) ? b : a));
  return { is: away(next) === 0 ? 'now' : 'later', text: when.text, prov: when.prov, stage: STAGES[next][0] as Stage, away: away(next) };
}
