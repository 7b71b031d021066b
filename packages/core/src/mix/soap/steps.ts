import { trim } from '../../measure';
import { step, type Step } from '../step';
import type { SoapRecipe } from './recipe';

export const VESSELS = [
  { id: 'steel', label: 'Stainless steel pot' },
  { id: 'enamel', label: 'Enamelled pot, not chipped' },
  { id: 'aluminium', label: 'Aluminium pot' },
  { id: 'plastic', label: 'Plastic bucket' },
  { id: 'glass', label: 'Glass jar' },
] as const;
export type Vessel = (typeof VESSELS)[number]['id'];

/** Why a vessel must not hold hot lye; null for one that may. @example vesselRefusal('aluminium') // 'Lye eats aluminium …' */
export function vesselRefusal(v: Vessel): string | null {
  if (v === 'aluminium') return 'Never: lye eats aluminium, and the gas it makes can catch fire.';
  if (v === 'plastic') return 'Not for this: the lye is over 90 °C within seconds, and plastic softens. A steel pot.';
  if (v === 'glass') return 'Not for this: glass can crack from the sudden heat. A steel pot.';
  return null;
}

/** Confirmed one by one before the lye is opened; none may be left out. */
export const LYE_GATES = [
  'Goggles that close all round are on',
  'Long rubber gloves are on',
  'Long sleeves, trousers and closed shoes',
  'A mask is on',
  'I am outside, with the wind at my back',
  'Children and pets are away',
  'Running water or a full bucket is beside me, for the eyes and the skin',
] as const;

/**
 * The first day's cards: from protection to the blended paste. Lye into water is a gate of its own.
 * Times and amounts: common practice.
 */
export function soapSteps(r: SoapRecipe): Step[] {
  return [
    step('protect', 'Put all of it on', ['Lye burns eyes and skin in seconds.'], {
      gate: [...LYE_GATES],
      caution: 'In the eye: rinse with running water for 15 minutes at least, then a doctor. Not vinegar.',
    }),
    step(
      'oil',
      'Weigh the oil',
      r.oils.map((o) => `${trim(o.g, 0)} g of ${o.oil.name.toLowerCase()} oil, into a bucket that holds ${trim(r.potAtLeast / 1000, 1)} l.`),
    ),
    step('water', 'Weigh the water', [`${trim(r.water, 0)} g of cold water into the steel pot, standing firm on stone or earth.`], {
      caution: 'Cold water only: warm water boils over.',
    }),
    step('lye', 'Weigh the lye', [`${trim(r.lye, 2)} g of flakes, into a dry cup of its own.`, 'Not a gram more: the rest would stay lye.'], {
      caution: 'Close the tub at once: it draws water from the air.',
    }),
    step(
      'pour',
      'Lye into water',
      ['Sprinkle the lye into the water, a spoonful at a time, stirring.', 'It heats to over 90 °C in seconds and fumes. Face away.'],
      {
        gate: ['The water is in the pot, and the lye goes into it: never water onto lye'],
        caution: 'Water poured onto lye boils up and throws lye about.',
      },
    ),
    step('clear', 'Stir until it is clear', ['Slowly, 1 to 1½ minutes. Never lean over the pot.'], { seconds: 90 }),
    step('into-oil', 'Pour it into the oil', ['Slowly, close to the surface, no splashing.']),
    step(
      'blend',
      'Blend to milky and thick',
      ['Stick blender under the surface, in short runs, 1 to 3 minutes.', 'It is done when it stays where it runs off.'],
      {
        seconds: 180,
        caution: 'Switch on only below the surface.',
      },
    ),
    step('cover', 'Cover and mark it', ['Lid on, out of reach of children and pets.', 'Write on it: potassium soap, raw, corrosive, and the date.'], {
      gate: ['It is covered, marked and out of reach'],
    }),
    step('wash', 'Rinse and wash', ['Pot, cup and blender with much water, gloves still on.', 'Gloves off last. Hands, then face.']),
  ];
}

/** A dose for spraying. Source: common practice, 1 to 4 US fl oz of liquid soap in a US gallon. */
export interface Dose {
  readonly name: string;
  readonly mlPerL: number;
  readonly how: string;
}

const FL_OZ_PER_GAL = 29.5735295625 / 3.785411784;

export const SOAP_DOSES: readonly Dose[] = [
  { name: 'Upkeep', mlPerL: 1 * FL_OZ_PER_GAL, how: 'Once, then look again.' },
  { name: 'A beginning', mlPerL: 2 * FL_OZ_PER_GAL, how: 'Once, look again after two days.' },
  { name: 'An outbreak', mlPerL: 4 * FL_OZ_PER_GAL, how: 'On 2 or 3 evenings running, then look again. Never stronger.' },
  { name: 'Soil drench', mlPerL: 0.5 * FL_OZ_PER_GAL, how: 'At most, and rarely.' },
];
