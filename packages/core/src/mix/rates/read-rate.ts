import { done, parseQuantity, refused, trim, type Outcome, type UnitSystem } from '../../measure';
import { sayPer, type RateForm } from '../../label';

/** A rate in one of the label's forms: ml or g per litre of mix, m², cm round the trunk, or m of height. */
export interface ReadRate {
  readonly form: RateForm;
  readonly unit: 'ml' | 'g';
  readonly value: number;
  /** How it was understood, for showing beside the field. */
  readonly understood: string;
}

/** The last "per", "a" or slash that follows a word: "1/2 tsp/gal" is cut at the second slash. */
const CUT = /^(.*[a-z²"'.])\s*(?:\/|\bper\b|\beach\b|\ban?\b)\s*(.+)$/i;
const TRUNK = /\s*\b(?:of\s+)?(?:trunk\s+)?(circumference|round|girth|trunk)\b.*$/i;
const ACROSS = /\s*\b(?:of\s+)?(?:trunk\s+)?(diameter|across|dbh)\b.*$/i;
const HEIGHT = /\s*\b(?:of\s+)?(?:height|tall|high)\b.*$/i;

/**
 * Reads a rate as a label prints it or as people type it: `2 fl oz/gal`, `8 lb per 100 gal`, `1 tbsp a gallon`,
 * `0.5 oz per 1000 sq ft`, `1 ml per cm of trunk`, `2 fl oz per inch diameter`, `30 ml per m of height`.
 * Along a length it must say what the length is of: trunk round, trunk across, or height.
 * @returns refused `no-per`, `which-length`, or as `parseQuantity` does for either half
 * @example readRate('2 fl oz/gal', 'us') // 15.625 ml per litre
 */
export function readRate(text: string, system: UnitSystem, field = 'rate'): Outcome<ReadRate> {
  const s = text.trim();
  if (s === '') return refused('empty', 'Type a rate, such as 15 ml per litre.', field);
  const cut = CUT.exec(s);
  if (!cut) return refused('no-per', `“${s}” of product to what? Type it with per, such as 15 ml per litre or 2 tbsp/gal.`, field);
  const amount = parseQuantity(cut[1] ?? '', system, ['volume', 'mass'], field);
  if (!amount.ok) return amount;
  const { bare, of } = lengthOf(cut[2] ?? '');
  const over = parseQuantity(/^\s*[\d½⅓⅔¼¾⅛⅜⅝⅞.]/.test(bare) ? bare : `1 ${bare}`, system, ['volume', 'area', 'length'], field);
  if (!over.ok) return over;
  const unit = amount.value.dimension === 'mass' ? 'g' : 'ml';
  const rate = (form: RateForm, per: number) => {
    const value = amount.value.si / per;
    return done({ form, unit, value, understood: `${trim(value, value < 1 ? 4 : 2)} ${unit} ${sayPer(form)}` } satisfies ReadRate);
  };
  if (over.value.dimension === 'volume') return rate('per-litre', over.value.si / 1000);
  if (over.value.dimension === 'area') return rate('per-m2', over.value.si);
  if (of === 'trunk') return rate('per-cm-trunk', over.value.si * 100);
  // a trunk as wide as this is π times as far round
  if (of === 'across') return rate('per-cm-trunk', over.value.si * 100 * Math.PI);
  if (of === 'height') return rate('per-m-height', over.value.si);
  return refused('which-length', 'Of what: round the trunk, across the trunk (diameter), or height? Add the word.', field);
}

function lengthOf(text: string): { bare: string; of: 'trunk' | 'across' | 'height' | null } {
  for (const [of, words] of [
    ['across', ACROSS],
    ['height', HEIGHT],
    ['trunk', TRUNK],
  ] as const) {
    if (words.test(text)) return { bare: text.replace(words, ''), of };
  }
  return { bare: text, of: null };
}
