import { copperRoom, type CopperBefore } from '../../decide/copper';
import { copperLaw, COPPER_LEDGER_G_M2, COPPER_MOST_YEAR_G_M2, COPPER_YEAR_G_M2 } from '../../label';
import { MEM, pub, sayIn, squareMetres, trim, type SquareMetres, type UnitSystem, type Working } from '../../measure';

export interface CopperLoad {
  /** Metallic copper this treatment puts down, g a m². */
  readonly now: number;
  /** With what went on before this year. */
  readonly year: number;
  /** What the ground may still have after it, g a m². */
  readonly left: number;
  /** What it might have before this treatment, g a m²: the tighter of the year and the ledger. */
  readonly room: number;
  readonly over: boolean;
  readonly sentence: string;
  readonly working: Working;
}

const NONE: CopperBefore = { year: 0, ledger: 0 };

/**
 * Copper a treatment leaves on the ground under it, beside what the year may bring.
 * @param metalG pure copper in the mix that goes out, g @param area that it goes over
 * @param units whose area the way out is said in @param before what earlier treatments left there
 * @param country whose law counts it; the strictest while none is named
 */
export function copperLoad(
  metalG: number,
  area: SquareMetres,
  before: CopperBefore = NONE,
  units: UnitSystem = 'metric',
  country: string | null = null,
): CopperLoad {
  const counted = copperLaw(country) === 'ledger';
  const now = metalG / area;
  const year = before.year + now;
  const ledger = before.ledger + now;
  const room = copperRoom(before);
  const over = counted && now > room + 1e-9;
  const overYear = year > COPPER_MOST_YEAR_G_M2 + 1e-9;
  const say = (n: number) => trim(n, n < 0.1 ? 3 : 2);
  const wayOut =
    room < 0.01
      ? `This ground has had all of it: none more ${overYear ? 'until next year' : 'until some of it is seven years old'}.`
      : `Over ${sayIn(metalG / room, 'area', units)} it would be within, or make less.`;
  return {
    now,
    year,
    left: Math.max(0, room - now),
    room: Math.max(0, room),
    over,
    sentence: over
      ? `Too much copper: ${overYear ? `${say(year)} g a m² this year` : `${say(ledger)} g a m² in seven years`} with this treatment, and ${overYear ? COPPER_MOST_YEAR_G_M2 : COPPER_LEDGER_G_M2} g is the most. It stays in the soil for ever. ${wayOut}`
      : `${say(now)} g of copper a m²${before.year > 0 ? `, ${say(year)} g this year` : ''}. ${
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
        { name: 'Before, this year', value: `${say(before.year)} g a m²` },
        { name: 'Before, in seven years', value: `${say(before.ledger)} g a m²` },
      ],
      formula: 'copper ÷ area + what went on before',
      source: counted ? pub('Regulation (EU) 2018/1981: 28 kg a hectare over seven years') : MEM,
    },
  };
}
