import { sayIn, sayTemperature, sayWeighed, type UnitSystem } from '../../measure';
import { step, type Step } from '../step';
import type { SoapRecipe } from './recipe';

export const VESSELS = [
  { id: 'steel', label: 'Stainless steel' },
  { id: 'lye-plastic', label: 'Plastic marked for hot lye' },
  { id: 'enamel', label: 'Enamel, not chipped' },
  { id: 'plastic', label: 'Other plastic' },
  { id: 'aluminium', label: 'Aluminium' },
  { id: 'zinc', label: 'Zinc-coated' },
  { id: 'tin', label: 'Tin' },
  { id: 'copper', label: 'Copper or brass' },
  { id: 'wood', label: 'Wood' },
  { id: 'glass', label: 'Glass' },
] as const;
export type Vessel = (typeof VESSELS)[number]['id'];

/**
 * Why a vessel must not hold hot lye, neither where it is dissolved nor where it goes next; null for one that may.
 * Common practice.
 * @example vesselRefusal('aluminium') // 'Never: lye eats aluminium …'
 */
export function vesselRefusal(v: Vessel): string | null {
  const use = 'Stainless steel, or plastic marked for hot lye.';
  switch (v) {
    case 'aluminium':
    case 'zinc':
    case 'tin':
      return `Never: lye eats ${v === 'zinc' ? 'zinc' : v}, and the gas it makes can catch fire. ${use}`;
    case 'copper':
      return `Never: lye attacks copper and brass. ${use}`;
    case 'wood':
      return `Never: lye soaks into wood, and the next hand finds it. ${use}`;
    case 'plastic':
      return `Not for this: the lye is over 90 °C within seconds, and plastic softens. ${use}`;
    case 'glass':
      return `Not for this: glass can crack from the sudden heat. ${use}`;
    default:
      return null;
  }
}

/** Hot lye goes nowhere else above this, °C (common practice). */
export const COOLED_C = 60;

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
export function soapSteps(r: SoapRecipe, units: UnitSystem = 'metric'): Step[] {
  const cool = sayTemperature(COOLED_C, units);
  return [
    step('protect', 'Put all of it on', ['Lye burns eyes and skin in seconds.'], {
      gate: [...LYE_GATES],
      caution: 'In the eye: rinse with running water for 30 minutes at least, and on the way to a doctor. Not vinegar.',
    }),
    step(
      'oil',
      'Weigh the oil',
      [
        ...r.oils.map((o) => `${sayWeighed(o.g, 1)} of ${o.oil.name.toLowerCase()} oil.`),
        `Into the second vessel, which holds ${sayIn(r.potAtLeast, 'volume', units)} or more: it takes the lye later.`,
      ],
      { gate: ['The second vessel is stainless steel or plastic marked for hot lye: no zinc, tin, copper, aluminium or wood'] },
    ),
    step('water', 'Weigh the water', [`${sayWeighed(r.water, 1)} of cold water into the first vessel, standing firm on stone or earth.`], {
      caution: 'Cold water only: warm water boils over.',
    }),
    step('lye', 'Weigh the lye', [`${sayWeighed(r.lye, r.scaleStepG)} of flakes, into a dry cup of its own.`, 'Not a gram more: the rest would stay lye.'], {
      caution: 'Close the tub at once: it draws water from the air.',
    }),
    step(
      'pour',
      'Lye into water',
      ['Sprinkle the lye into the water, a spoonful at a time, stirring.', 'It heats to over 90 °C in seconds and fumes. Face away.'],
      {
        gate: ['The water is in the vessel, and the lye goes into it: never water onto lye'],
        caution: 'Water poured onto lye boils up and throws lye about.',
      },
    ),
    step('clear', 'Stir until it is clear', ['Slowly, 1 to 1½ minutes. Never lean over it.'], { seconds: 90 }),
    step('cool', `Let it cool below ${cool}`, ['Where it stands. A steel thermometer in it says so; no other vessel takes it before.'], {
      gate: [`Below ${cool} by the thermometer`],
      caution: 'Hot lye softens plastic and burns through skin: it is carried nowhere.',
    }),
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
    step('wash', 'Rinse and wash', ['Vessels, cup and blender with much water, gloves still on.', 'Gloves off last. Hands, then face.']),
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
