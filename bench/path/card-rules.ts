import type { Method } from '../../packages/core/src/label';
import type { CardPage } from './cards';

interface CardRule {
  readonly name: string;
  readonly of: (page: CardPage) => boolean;
  /** Must not be read on such a page. */
  readonly never?: RegExp;
  /** Must be read on it. */
  readonly must?: RegExp;
}

const by =
  (...methods: Method[]) =>
  (p: CardPage) =>
    p.method !== null && methods.includes(p.method);
const POWDERS = ['WP', 'SP', 'D'];
const LIQUIDS = ['SL', 'EC', 'EW', 'SC', 'OL', 'LB', 'RTU'];
const AS_IT_COMES = ['D', 'GR', 'GB', 'RB', 'LB', 'VP', 'RTU'];
const kind = (list: readonly string[]) => (p: CardPage) => p.formulation !== null && list.includes(p.formulation);
const room = (p: CardPage) => p.formulation !== null && p.site === 'indoors';
const both = (a: (p: CardPage) => boolean, b: (p: CardPage) => boolean) => (p: CardPage) => a(p) && b(p);
const not = (a: (p: CardPage) => boolean) => (p: CardPage) => p.formulation !== null && !a(p);

/** What must hold of every page of cards, whatever the product: no card speaks of another job. Common practice. */
export const CARD_RULES: readonly CardRule[] = [
  { name: 'no leaf in a drench', of: by('soil-drench', 'soil-mixed'), never: /\bleaf|leaves\b|both sides|just wetted|undersides/i },
  { name: 'a drench says where it is poured', of: by('soil-drench'), must: /over (all )?the soil/i },
  { name: 'no pellet or heap in a dust', of: by('dust-film'), never: /pellet|heap|pieces|scatter/i },
  {
    name: 'a dust says film, where, and off the flowers',
    of: by('dust-film'),
    must: /thin, even film: the undersides and the base of the stem, off the flowers/i,
  },
  { name: 'a dust wants mask and goggles', of: kind(['D']), must: /mask|respirator/i },
  { name: 'a powder wants a mask', of: kind(POWDERS), must: /mask|respirator/i },
  { name: 'nothing of powder with a liquid', of: kind(LIQUIDS), never: /slurry|it dusts|packing it down|stand upwind/i },
  { name: 'no bottle with what is dry', of: not(kind(LIQUIDS)), never: /bottle/i },
  { name: 'no wind and no bees in a room', of: room, never: /upwind|\bwind\b|\bbees?\b|birds/i },
  { name: 'lamps off where it is sprayed in a room', of: both(room, by('fine-spray', 'run-off')), must: /lamps/i },
  {
    name: 'no water into what goes on as it comes',
    of: kind(AS_IT_COMES),
    never: /fill to|water to \d|into the tank|rinse the sprayer|left-over mix|slurry|shake until|keep shaking/i,
  },
  { name: 'stations, closed, never loose', of: by('stations'), must: /closed stations only/i, never: /scatter it|hand apart|spray the|both sides/i },
  {
    name: 'a trunk is sprayed all round, on dry bark',
    of: by('trunk-band'),
    must: /bark must be dry[\s\S]*all the way round/i,
    never: /leaf|leaves|until it drips/i,
  },
  { name: 'bare wood has no leaves', of: by('bark'), must: /bare wood/i, never: /leaf(?! fall)|leaves/i },
  { name: 'vapour needs a closed and empty house', of: by('vaporised'), must: /nobody and no animal inside/i, never: /spray the|pellet|both sides/i },
  { name: 'bait is never in heaps', of: both(kind(['GB', 'RB']), by('scattered')), must: /never in heaps/i },
  { name: 'what is mixed is never done with weed-killer gear', of: not(kind(AS_IT_COMES)), must: /never held weed-killer/i },
  { name: 'the bottle is warmed before it is measured', of: (p) => p.control === 'neem-spray' && p.formulation === 'EC', must: /warm water[\s\S]*\[Measure/i },
  { name: 'Bt is said of Bt only', of: (p) => !p.control.startsWith('bt') && p.formulation !== null, never: /\bBt\b/ },
  { name: 'work by hand has no mix', of: (p) => p.formulation === null, never: /mix amounts|measure the|sprayer is clean/i },
  { name: 'ready to use is never thinned', of: kind(['RTU']), must: /never thinned/i },
  { name: 'no figure with a tail', of: () => true, never: /\d\.\d{5,}|NaN|undefined|Infinity/ },
];

/** Which rules a page breaks, by name. */
export const cardFaults = (page: CardPage): string[] =>
  CARD_RULES.filter((r) => r.of(page) && ((r.never?.test(page.text) ?? false) || (r.must ? !r.must.test(page.text) : false))).map((r) => r.name);
