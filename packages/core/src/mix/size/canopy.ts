import { done, millilitres, refused, trim, type Millilitres, type Outcome, type Working } from '../../measure';

/**
 * Mix that a cubic metre of leafy canopy holds before it drips: 0.7 US gal for 1,000 cubic feet, the figure that
 * tree-row-volume spraying goes by (from memory). Just wetted takes about half of it (from memory).
 */
const RUN_OFF_ML_PER_M3 = (0.7 * 3785.411784) / (1000 * 0.3048 ** 3);
const WETTED_SHARE = 0.5;

export interface Canopy {
  readonly widthM: number;
  readonly depthM: number;
  readonly heightM: number;
}

export interface CanopyMix {
  readonly mix: Millilitres;
  /** What such a height asks for; null where an arm reaches. */
  readonly caution: string | null;
  readonly working: Working;
}

/** As high as a long lance wets from the ground; above it what falls back falls on the sprayer (from memory). */
const HIGHEST_CANOPY_M = 4.5;
/** As high as an arm with a hand sprayer reaches (from memory). */
const BY_ARM_M = 3;

/**
 * How much mix the leaves of shrubs or small trees take up, as a box of canopy.
 * @param plants how many of that size
 * @returns ml; with a caution above 3 m; refused `too-tall` above 4.5 m, `bad-canopy`
 * @example canopyMix({ widthM: 1, depthM: 1, heightM: 1 }, 'run-off') // 93.6 ml
 */
export function canopyMix(c: Canopy, style: 'wetted' | 'run-off', plants = 1): Outcome<CanopyMix> {
  for (const [field, n] of Object.entries(c)) if (!(n > 0) || !Number.isFinite(n)) return refused('bad-canopy', 'It must be more than 0.', field);
  if (!(Number.isInteger(plants) && plants >= 1 && plants <= 1000)) return refused('bad-canopy', 'Count whole plants.', 'plants');
  if (c.heightM > HIGHEST_CANOPY_M) {
    return refused(
      'too-tall',
      `Leaves above ${HIGHEST_CANOPY_M} m are work for a licensed applicator: the spray falls back on you. Keep to what you reach from the ground, and type that height.`,
      'heightM',
    );
  }
  const m3 = c.widthM * c.depthM * c.heightM * plants;
  const perM3 = RUN_OFF_ML_PER_M3 * (style === 'run-off' ? 1 : WETTED_SHARE);
  const mix = m3 * perM3;
  return done({
    mix: millilitres(mix),
    caution: c.heightM > BY_ARM_M ? 'A long lance from the ground, upwind, goggles and a hood on: it falls back on you. Never a ladder.' : null,
    working: {
      title: 'Mix for the canopy',
      result: `${trim(mix / 1000, 2)} l`,
      inputs: [
        { name: 'Canopy', value: `${trim(c.widthM, 2)} × ${trim(c.depthM, 2)} × ${trim(c.heightM, 2)} m${plants > 1 ? `, ${plants} plants` : ''}` },
        { name: style === 'run-off' ? 'Held until it drips' : 'Held when just wetted', value: `${trim(perM3, 1)} ml a m³` },
      ],
      formula: 'width × depth × height × what a cubic metre holds',
      source: { mark: 'MEM' },
    },
  });
}
