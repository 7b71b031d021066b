import { done, metres, refused, squareMetres, trim, type Metres, type Outcome, type SquareMetres, type Working } from '../../measure';

/** How a trunk was measured. */
export type TrunkReading =
  | { readonly by: 'tape'; readonly roundM: number }
  /** A string wound round and then laid out: its length for so many turns. */
  | { readonly by: 'string'; readonly lengthM: number; readonly turns: number }
  | { readonly by: 'across'; readonly acrossM: number };

/** Thicker than any trunk a gardener treats. */
const MOST_ROUND_M = 20;

/**
 * Circumference of a trunk.
 * @returns metres; refused `bad-trunk` at the field `trunk` or `turns`
 * @example trunkRound({ by: 'across', acrossM: 0.2 }) // 0.628 m
 */
export function trunkRound(reading: TrunkReading): Outcome<Metres> {
  if (reading.by === 'string' && !(Number.isInteger(reading.turns) && reading.turns >= 1 && reading.turns <= 20)) {
    return refused('bad-trunk', 'Count whole turns, 1 to 20.', 'turns');
  }
  const round = reading.by === 'tape' ? reading.roundM : reading.by === 'string' ? reading.lengthM / reading.turns : reading.acrossM * Math.PI;
  if (!(round > 0) || !Number.isFinite(round)) return refused('bad-trunk', 'It must be more than 0.', 'trunk');
  if (round > MOST_ROUND_M) return refused('bad-trunk', 'No trunk is as thick. Is it typed right?', 'trunk');
  return done(metres(round));
}

/** Trunk sprays go from the flare up to breast height, as most labels print it (common practice). */
export const BAND_TO_M = { least: 1.2, most: 1.5 } as const;

/** As high as a band is wetted evenly by somebody who stands on the ground (from memory). */
const FROM_THE_GROUND_M = 2.5;

export interface Band {
  readonly area: SquareMetres;
  readonly working: Working;
}

/**
 * Bark of a trunk band as the side of a cylinder, from the flare up.
 * @param round circumference, m @param toM upper edge above the ground, m @param fromM lower edge, m
 * @returns m²; refused `too-high` above 2.5 m, `bad-band`
 * @example trunkBand(metres(0.9), 1.5) // 1.35 m²
 */
export function trunkBand(round: Metres, toM: number, fromM = 0): Outcome<Band> {
  if (!(fromM >= 0) || !(toM > fromM)) return refused('bad-band', 'The band’s upper edge must be above its lower one.', 'band');
  if (toM > FROM_THE_GROUND_M + 1e-9) {
    return refused(
      'too-high',
      `From the ground a trunk is wetted to ${FROM_THE_GROUND_M} m at most; labels mostly name ${BAND_TO_M.least} or ${BAND_TO_M.most} m. Higher is work for a licensed applicator.`,
      'band',
    );
  }
  const area = round * (toM - fromM);
  return done({
    area: squareMetres(area),
    working: {
      title: 'Bark in the band',
      result: `${trim(area, 2)} m²`,
      inputs: [
        { name: 'Round the trunk', value: `${trim(round * 100, 1)} cm` },
        { name: 'Band', value: `${trim(fromM, 2)} to ${trim(toM, 2)} m` },
      ],
      formula: 'round the trunk × height of the band',
      source: { mark: 'CP' },
    },
  });
}
