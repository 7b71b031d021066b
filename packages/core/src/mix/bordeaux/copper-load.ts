import { copperLaw, COPPER_LEDGER_G_M2, COPPER_MOST_YEAR_G_M2, COPPER_YEAR_G_M2 } from '../../label';
import { MEM, pub, sayIn, squareMetres, trim, type SquareMetres, type UnitSystem, type Working } from '../../measure';

export interface CopperLoad {
  /** Metallic copper this treatment puts down, g a m². */
  readonly now: number;
  /** With what went on before this year. */
  readonly year: number;
  readonly left: number;
  /** What the year still allowed before this treatment, g a m². */
  readonly room: number;
  readonly over: boolean;
  readonly sentence: string;
  readonly working: Working;
}

/**
 * Copper a treatment leaves on the ground under it, beside what the year may bring.
 * @param metalG pure copper in the mix that goes out, g @param area that it goes over
 * @param units whose area the way out is said in @param beforeG what earlier treatments of the year left there, g a m²
 * @param country whose law counts it; the strictest while none is named
 */
export function copperLoad(metalG: number, area: SquareMetres, beforeG = 0, units: UnitSystem = 'metric', country: string | null = null): CopperLoad {
  const counted = copperLaw(country) === 'ledger';
  const now = metalG / area;
  const year = beforeG + now;
  const over = counted && year > COPPER_MOST_YEAR_G_M2 + 1e-9;
  const say = (n: number) => trim(n, n < 0.1 ? 3 : 2);
  const room = COPPER_MOST_YEAR_G_M2 - beforeG;
  const wayOut =
    room < 0.01 ? 'This ground has had all of it: none more until next year.' : `Over ${sayIn(metalG / room, 'area', units)} it would be within, or make less.`;
  return {
    now,
    year,
    left: Math.max(0, COPPER_MOST_YEAR_G_M2 - year),
    room: Math.max(0, room),
    over,
    sentence: over
      ? `Too much copper: ${say(year)} g a m² this year with this treatment, and ${COPPER_MOST_YEAR_G_M2} g is the most. It stays in the soil for ever. ${wayOut}`
      : `${say(now)} g of copper a m²${beforeG > 0 ? `, ${say(year)} g this year` : ''}. ${
          !counted
            ? 'It stays in the soil for ever: none where it can be spared.'
            : year > COPPER_YEAR_G_M2
              ? `That is more than a year's share of ${COPPER_YEAR_G_M2} g: over seven years ${COPPER_LEDGER_G_M2} g is the limit, so go without next year.`
              : `A year's share is ${COPPER_YEAR_G_M2} g.`
        }`,
    working: {
      title: 'Copper on the ground',
      result: `${say(year)} g a m² this year`,
      inputs: [
        { name: 'Pure copper in the mix', value: `${trim(metalG, 2)} g` },
        { name: 'Over', value: `${trim(squareMetres(area), 2)} m²` },
        { name: 'Before, this year', value: `${say(beforeG)} g a m²` },
      ],
      formula: 'copper ÷ area + what went on before',
      source: counted ? pub('Regulation (EU) 2018/1981: 28 kg a hectare over seven years') : MEM,
    },
  };
}
