import { done, refused, trim, type Outcome, type Working } from '../measure';
import { activeIn, sayStrength, type Product } from './strength';

/** What a label or an article asks for, when it is not product to water. */
export type Wanted =
  /** Product in the mix by volume, %. */
  | { readonly as: 'percent-volume'; readonly percent: number }
  /** Active ingredient in the mix by weight, %. */
  | { readonly as: 'percent-active'; readonly percent: number }
  /** Active ingredient in the mix, mg in a litre. */
  | { readonly as: 'ppm'; readonly ppm: number }
  /** A pack or amount that "makes" so much mix. */
  | { readonly as: 'makes'; readonly amount: number; readonly makesMl: number };

export interface Concentration {
  /** ml (liquid) or g (dry) of product in a litre of mix. */
  readonly perLitre: number;
  readonly working: Working;
}

/** ml or g of product in a litre of mix. */
const MOST_PER_LITRE = 500;

/**
 * Product in a litre of mix for a rate given as a concentration. A spray is so thin that a litre of it is
 * taken as 1,000 g; that overstates the active ingredient by less than the share of product in it.
 * @returns refused `bad-rate`, `by-volume` (percent by volume of a dry product), or as `activeIn` does
 * @example perLitreFor({ as: 'percent-volume', percent: 2 }, soap) // 20 ml
 * @example perLitreFor({ as: 'ppm', ppm: 500 }, { state: 'dry', strength: { by: 'weight', percent: 50 }, gPerMl: null }) // 1 g
 */
export function perLitreFor(wanted: Wanted, product: Product): Outcome<Concentration> {
  const unit = product.state === 'dry' ? 'g' : 'ml';
  const answer = (perLitre: number, asked: string, formula: string, more: readonly { name: string; value: string }[] = []): Outcome<Concentration> => {
    // more product than water is no spray: the product is too weak for it, or the figure is another's
    if (!(perLitre <= MOST_PER_LITRE))
      return refused(
        'bad-rate',
        `That takes ${trim(perLitre, 0)} ${unit} of it in a litre: it is too weak for such a mix, or the figure is not of the mix.`,
        'rate',
      );
    return done({
      perLitre,
      working: {
        title: 'In a litre of mix',
        result: `${trim(perLitre, 3)} ${unit}`,
        inputs: [{ name: 'Asked for', value: asked }, ...more],
        formula,
        source: { mark: 'CP' } as const,
      },
    });
  };
  if (wanted.as === 'makes') {
    if (!(wanted.amount > 0)) return refused('bad-rate', 'The amount must be more than 0.', 'amount');
    if (!(wanted.makesMl > 0)) return refused('bad-rate', 'What it makes must be more than 0.', 'makes');
    return answer(
      wanted.amount / (wanted.makesMl / 1000),
      `${trim(wanted.amount, 2)} ${unit} makes ${trim(wanted.makesMl / 1000, 3)} l`,
      'amount ÷ what it makes',
    );
  }
  if (wanted.as === 'percent-volume') {
    if (!(wanted.percent > 0 && wanted.percent <= 50)) return refused('bad-rate', 'A spray holds more than 0 and at most 50 % of product.', 'rate');
    if (product.state === 'dry') return refused('by-volume', 'Percent by volume is for liquids: a powder goes by weight.', 'rate');
    return answer(wanted.percent * 10, `${trim(wanted.percent, 3)} % of product by volume`, 'percent × 10 ml');
  }
  const gActive = wanted.as === 'ppm' ? wanted.ppm / 1000 : wanted.percent * 10;
  if (!(gActive > 0 && gActive <= 500)) return refused('bad-rate', 'A spray holds more than 0 and at most 50 % of active ingredient.', 'rate');
  const a = activeIn(product);
  if (!a.ok) return a;
  return answer(
    gActive / a.value,
    wanted.as === 'ppm' ? `${trim(wanted.ppm, 1)} ppm of active ingredient` : `${trim(wanted.percent, 4)} % of active ingredient`,
    'active ingredient in a litre ÷ active ingredient in the product',
    [
      { name: 'Active ingredient in a litre', value: `${trim(gActive, 3)} g` },
      { name: 'Product', value: sayStrength(product.strength) },
    ],
  );
}
