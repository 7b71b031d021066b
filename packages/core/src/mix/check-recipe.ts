import { FORM_WORDS, quoteLine, sayRate, type LabelLine, type LabelSheet, type RateForm } from '../label';
import {
  strongEnough,
  atMost,
  done,
  downTo3,
  refused,
  sayIn,
  trim,
  upTo3,
  type Dimension,
  type Outcome,
  type Quantity,
  type UnitSystem,
  type Working,
} from '../measure';
import { sayRateIn } from './rates/say-rate';

export interface RecipeRequest {
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  /** What is, or is to be, put in. */
  readonly product: Quantity;
  /** What it goes into or onto: the mix in all, or the ground, the row, the potting mix, the trunk, the height; a number of plants as it is. */
  readonly over: Quantity | number;
  /** Whose measures the answer is said in; metric when not given. */
  readonly units?: UnitSystem;
}

export interface RecipeCheck {
  /** In the line's own unit and form. */
  readonly rate: number;
  readonly verdict: 'within' | 'above' | 'below';
  /** What it makes beside the label, and how to put it right. */
  readonly sentences: readonly string[];
  readonly working: Working;
}

/**
 * What a recipe that somebody has or was told really makes, beside the label: within, above or below it, and
 * how to put it right. A dry product by the spoon is weighed by its level density, on the heavy side of its
 * spread, so that "within" never hides an overdose.
 * @returns refused `no-density` (a powder by volume without one), `by-volume` (a liquid by weight), or
 *   `wrong-over` when the label goes by something else than what was given
 * @example checkRecipe({ sheet: soap, line, product: 2 tbsp, over: 1 l }) // 30 ml per litre: 1.5 times the maximum
 */
export function checkRecipe({ sheet, line, product, over, units = 'metric' }: RecipeRequest): Outcome<RecipeCheck> {
  const { form, unit, min, max } = line.rate;
  const amount = inUnit(sheet, unit, product);
  if (!amount.ok) return amount;
  const per = perUnit(form, over);
  if (!per.ok) return per;
  const rate = amount.value / per.value;
  const verdict = !atMost(rate, max) ? 'above' : !strongEnough(rate, min) ? 'below' : 'within';
  const customary = units === 'us' || units === 'imperial';
  const exactly = sayRateIn(rate, unit, form, 'metric');
  const made = `This makes ${sayRateIn(rate, unit, form, units)}${customary ? ` (${exactly})` : ''}`;
  // the words of a jug are rounded; the figure that binds stands beside them
  const amountOf = (n: number) => {
    // a figure below one keeps its three digits: rounded to thousandths it could go up past the maximum
    const [words, figure] = [sayIn(n, unit === 'ml' ? 'volume' : 'mass', units), `${trim(n, n < 1 ? 6 : 3)} ${unit}`];
    return customary && words !== figure ? `${words} (${figure})` : figure;
  };
  const sizeOf = (n: number) => {
    const dimension = OVER[form];
    return dimension !== null && customary ? sayIn(n * SI[form], dimension, units) + ON[form] : `${trim(n, 3)} ${METRIC[form]}${ON[form]}`;
  };
  // rounded to the safe side: never up past the maximum, never down past what dilutes enough
  const most = downTo3(max * per.value);
  const atLeastOver = upTo3(amount.value / max);
  // a specimen is ours and may only inform: the label in the hand decides
  const ours = sheet.specimen;
  const label = ours ? 'our specimen' : 'the label';
  const decides = ours ? ` Our specimen says ${sayRate(line.rate)}; your own label decides.` : '';
  const sentences =
    verdict === 'above'
      ? [
          `${made}: ${rate < max * 1.01 ? 'a little over' : `${trim(rate / max, 2)} times`} ${label}’s maximum.${ours ? decides : ' Do not use it.'}`,
          `For ${sizeOf(per.value)} take at most ${amountOf(most)}.`,
          form === 'per-litre'
            ? `If it is mixed already, it is within ${label} in ${sizeOf(atLeastOver)} in all; only if your plants need that much.`
            : `So much product is for ${sizeOf(atLeastOver)} or more.`,
        ]
      : verdict === 'below'
        ? [
            `${made}: weaker than ${label}’s ${sayRate(line.rate)}. It may do nothing, and what survives grows used to it.`,
            `For ${sizeOf(per.value)} take ${amountOf(min * per.value)} to ${amountOf(most)}.`,
          ]
        : [`${made}: within ${label}’s ${sayRate(line.rate)}.${decides}`];
  return done({
    rate,
    verdict,
    sentences,
    working: {
      title: 'Rate it makes',
      result: sayRateIn(rate, unit, form, units),
      inputs: [
        { name: 'Product', value: product.understood },
        { name: form === 'per-litre' ? 'Mix in all' : 'For', value: typeof over === 'number' ? String(over) : over.understood },
        ...(byDensity(sheet, unit, product) && sheet.levelDensity
          ? [{ name: 'Level density, heavy side', value: `${trim(heaviest(sheet.levelDensity), 3)} g per ml` }]
          : []),
        { name: 'Label', value: quoteLine(sheet, line) },
      ],
      formula: 'product ÷ what it goes into or onto',
      source: line.prov,
    },
  });
}

const byDensity = (sheet: LabelSheet, unit: 'ml' | 'g', p: Quantity) => unit === 'g' && p.dimension === 'volume' && sheet.state === 'dry';
const heaviest = (d: { gPerMl: number; spread: number }) => d.gPerMl * (1 + d.spread);

function inUnit(sheet: LabelSheet, unit: 'ml' | 'g', p: Quantity): Outcome<number> {
  if (unit === 'g' && p.dimension === 'mass') return done(p.si);
  if (unit === 'ml' && p.dimension === 'volume') return done(p.si);
  if (byDensity(sheet, unit, p)) {
    return sheet.levelDensity
      ? done(p.si * heaviest(sheet.levelDensity))
      : refused(
          'no-density',
          'What a spoonful of this powder weighs is not known: weigh it, or put on its label sheet what ten level teaspoons weigh.',
          'product',
        );
  }
  return unit === 'ml'
    ? refused('by-volume', 'This label goes by volume: measure it so, in ml, spoons or fl oz.', 'product')
    : refused('by-weight', 'This label goes by weight: weigh it.', 'product');
}

const METRIC: Readonly<Record<RateForm, string>> = {
  'per-litre': 'l',
  'per-m2': 'm²',
  'per-plant': 'plants',
  'per-m-row': 'm',
  'per-litre-soil': 'l',
  'per-cm-trunk': 'cm',
  'per-m-height': 'm',
};
/** Of what a size is, after it: "5 l of mix". */
const ON: Readonly<Record<RateForm, string>> = {
  'per-litre': ' of mix',
  'per-m2': '',
  'per-plant': '',
  'per-m-row': ' of row',
  'per-litre-soil': ' of potting mix',
  'per-cm-trunk': ' round the trunk',
  'per-m-height': ' of height',
};
/** One of what a form counts by, in ml, m or m². */
const SI: Readonly<Record<RateForm, number>> = {
  'per-litre': 1000,
  'per-m2': 1,
  'per-plant': 1,
  'per-m-row': 1,
  'per-litre-soil': 1000,
  'per-cm-trunk': 0.01,
  'per-m-height': 1,
};

/** What a form is counted by, as an amount to type; null for plants, which are counted. */
export const OVER: Readonly<Record<RateForm, Dimension | null>> = {
  'per-litre': 'volume',
  'per-m2': 'area',
  'per-plant': null,
  'per-m-row': 'length',
  'per-litre-soil': 'volume',
  'per-cm-trunk': 'length',
  'per-m-height': 'length',
};

function perUnit(form: RateForm, over: Quantity | number): Outcome<number> {
  const dimension = OVER[form];
  if (typeof over === 'number') {
    return dimension === null && over > 0 ? done(over) : refused('wrong-over', `The label goes ${FORM_WORDS[form]}.`, 'over');
  }
  if (over.dimension !== dimension) return refused('wrong-over', `The label goes ${FORM_WORDS[form]}.`, 'over');
  return done(over.si / SI[form]);
}
