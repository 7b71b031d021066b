import { quoteLine, sayPer, type LabelLine, type LabelSheet } from '../label';
import { done, refused, trim, type Outcome, type Quantity, type Working } from '../measure';

export interface RecipeRequest {
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  /** What is, or is to be, put in. */
  readonly product: Quantity;
  /** What it goes into or onto: the mix in all, or the ground, the trunk, the height. */
  readonly over: Quantity;
}

export interface RecipeCheck {
  /** In the line's own unit and form. */
  readonly rate: number;
  readonly verdict: 'within' | 'above' | 'below';
  /** What it makes beside the label, and how to put it right. */
  readonly sentences: readonly string[];
  readonly working: Working;
}

const EPS = 1e-9;

/**
 * What a recipe that somebody has or was told really makes, beside the label: within, above or below it, and
 * how to put it right. A dry product by the spoon is weighed by its level density, on the heavy side of its
 * spread, so that "within" never hides an overdose.
 * @returns refused `no-density` (a powder by volume without one), `by-volume` (a liquid by weight), or
 *   `wrong-over` when the label goes by something else than what was given
 * @example checkRecipe({ sheet: soap, line, product: 2 tbsp, over: 1 l }) // 30 ml per litre: 1.5 times the maximum
 */
export function checkRecipe({ sheet, line, product, over }: RecipeRequest): Outcome<RecipeCheck> {
  const { form, unit, min, max } = line.rate;
  const amount = inUnit(sheet, unit, product);
  if (!amount.ok) return amount;
  const per = perUnit(form, over);
  if (!per.ok) return per;
  const rate = amount.value / per.value;
  const verdict = rate > max + EPS ? 'above' : rate < min - EPS ? 'below' : 'within';
  const made = `This makes ${trim(rate, 2)} ${unit} ${sayPer(form)}`;
  const what = { 'per-litre': 'l of mix', 'per-m2': 'm²', 'per-cm-trunk': 'cm of trunk', 'per-m-height': 'm of height' }[form];
  // rounded to the safe side: never up past the maximum, never down past what dilutes enough
  const atMost = Math.floor(max * per.value * 100) / 100;
  const atLeastOver = Math.ceil((amount.value / max) * 100) / 100;
  const sentences =
    verdict === 'above'
      ? [
          `${made}: ${trim(rate / max, 2)} times the label’s maximum. Do not use it.`,
          `For ${trim(per.value, 2)} ${what} take at most ${trim(atMost, 2)} ${unit}.`,
          form === 'per-litre'
            ? `If it is mixed already, it is within the label in ${trim(atLeastOver, 2)} l in all; only if your plants need that much.`
            : `So much product is for ${trim(atLeastOver, 2)} ${what} or more.`,
        ]
      : verdict === 'below'
        ? [
            `${made}: weaker than the label’s ${trim(min)} to ${trim(max)}. It may do nothing, and what survives grows used to it.`,
            `For ${trim(per.value, 2)} ${what} take ${trim(min * per.value, 2)} to ${trim(atMost, 2)} ${unit}.`,
          ]
        : [`${made}: within the label’s ${trim(min)} to ${trim(max)}.`];
  return done({
    rate,
    verdict,
    sentences,
    working: {
      title: 'Rate it makes',
      result: `${trim(rate, 3)} ${unit} ${sayPer(form)}`,
      inputs: [
        { name: 'Product', value: product.understood },
        { name: form === 'per-litre' ? 'Mix in all' : 'For', value: over.understood },
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
      : refused('no-density', 'What a spoonful of this powder weighs is not known: weigh it, or add its density to the sheet.', 'product');
  }
  return unit === 'ml'
    ? refused('by-volume', 'This label goes by ml: measure it by volume.', 'product')
    : refused('by-weight', 'This label goes by weight: weigh it.', 'product');
}

function perUnit(form: LabelLine['rate']['form'], over: Quantity): Outcome<number> {
  const dimension = form === 'per-litre' ? 'volume' : form === 'per-m2' ? 'area' : 'length';
  if (over.dimension !== dimension) return refused('wrong-over', 'The label goes by something else than that.', 'over');
  return done(form === 'per-litre' ? over.si / 1000 : form === 'per-cm-trunk' ? over.si * 100 : over.si);
}
