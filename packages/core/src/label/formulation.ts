import type { Method } from '../catalogue/methods';
import type { Formulation } from './formulation-codes';
import type { LabelLine, LabelSheet } from './schema';

type Into = LabelSheet['into'];

/** In plain words, whether it is a liquid, and how it usually goes into the water. */
export const FORMULATIONS: Readonly<Record<Formulation, { readonly name: string; readonly state: 'liquid' | 'dry'; readonly into: Into }>> = {
  SL: { name: 'Liquid that dissolves', state: 'liquid', into: 'shake-in' },
  EC: { name: 'Liquid that turns milky', state: 'liquid', into: 'shake-in' },
  EW: { name: 'Milky liquid', state: 'liquid', into: 'shake-in' },
  SC: { name: 'Liquid with fine solids', state: 'liquid', into: 'shake-in' },
  OL: { name: 'Oil', state: 'liquid', into: 'shake-in' },
  WP: { name: 'Powder for water', state: 'dry', into: 'slurry-first' },
  SP: { name: 'Powder that dissolves', state: 'dry', into: 'shake-in' },
  WG: { name: 'Granules for water', state: 'dry', into: 'slurry-first' },
  SG: { name: 'Granules that dissolve', state: 'dry', into: 'shake-in' },
  D: { name: 'Dust', state: 'dry', into: 'not-mixed' },
  GR: { name: 'Granules to scatter', state: 'dry', into: 'not-mixed' },
  GB: { name: 'Bait granules', state: 'dry', into: 'not-mixed' },
  RB: { name: 'Bait, ready', state: 'dry', into: 'not-mixed' },
  LB: { name: 'Liquid bait', state: 'liquid', into: 'not-mixed' },
  VP: { name: 'For vapour', state: 'dry', into: 'not-mixed' },
  RTU: { name: 'Ready to use', state: 'liquid', into: 'not-mixed' },
};

/**
 * How a line of a label is carried out: as it says, else from what the product is and how it covers.
 * @example methodOf(carbarylDust, line) // 'dust-film'
 */
export function methodOf(sheet: Pick<LabelSheet, 'formulation'>, line: Pick<LabelLine, 'coverage' | 'method' | 'rate' | 'stages'>): Method {
  if (line.method) return line.method;
  const { formulation } = sheet;
  if (formulation === 'VP') return 'vaporised';
  if (formulation === 'D') return 'dust-film';
  if (formulation === 'LB') return 'stations';
  if (formulation === 'RB' || formulation === 'GB' || formulation === 'GR') return line.rate.form === 'per-litre-soil' ? 'soil-mixed' : 'scattered';
  if (line.coverage === 'drenched') return 'soil-drench';
  if (line.coverage === 'scattered') return 'scattered';
  if (line.rate.form === 'per-litre-soil') return 'soil-mixed';
  if (line.rate.form === 'per-cm-trunk') return 'trunk-band';
  if (line.stages?.length === 1 && line.stages[0] === 'dormant') return 'bark';
  return line.coverage === 'run-off' ? 'run-off' : 'fine-spray';
}

/** Each way in the grower's words, and how much a line that says so covers. */
export const METHOD_WORDS: Readonly<Record<Method, { readonly name: string; readonly coverage: LabelLine['coverage'] }>> = {
  'fine-spray': { name: 'Sprayed, just wetted', coverage: 'wetted' },
  'run-off': { name: 'Sprayed until it drips', coverage: 'run-off' },
  bark: { name: 'Sprayed on bare wood', coverage: 'run-off' },
  'trunk-band': { name: 'Sprayed on the trunk', coverage: 'wetted' },
  'soil-drench': { name: 'Poured on the soil', coverage: 'drenched' },
  'soil-mixed': { name: 'Mixed into potting mix', coverage: 'drenched' },
  'dust-film': { name: 'Dusted on thinly', coverage: 'scattered' },
  scattered: { name: 'Scattered', coverage: 'scattered' },
  stations: { name: 'In closed stations', coverage: 'scattered' },
  vaporised: { name: 'Vaporised', coverage: 'scattered' },
};

const WITH_WATER = ['fine-spray', 'run-off', 'bark', 'trunk-band', 'soil-drench', 'soil-mixed'] as const;

/** The ways in which a kind of product can go on; the usual one first. */
export function methodsFor(formulation: Formulation): readonly Method[] {
  switch (formulation) {
    case 'D':
      return ['dust-film', 'scattered'];
    case 'GR':
      return ['scattered', 'soil-mixed'];
    case 'GB':
    case 'RB':
      return ['scattered', 'stations'];
    case 'LB':
      return ['stations'];
    case 'VP':
      return ['vaporised'];
    case 'RTU':
      return ['run-off', 'fine-spray', 'bark', 'trunk-band', 'soil-drench'];
    default:
      return WITH_WATER;
  }
}
