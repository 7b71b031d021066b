import { done, refused, trim, type Outcome, type Working } from '../measure';

/** How strong a product is, as its label prints it. */
export type Strength =
  /** Percent of the product's weight: what W, WP, WG, D and G mean, and most liquids in the US. */
  | { readonly by: 'weight'; readonly percent: number }
  /** Grams of active ingredient in a litre of product: most liquids elsewhere. */
  | { readonly by: 'volume'; readonly gPerL: number };

export interface Product {
  readonly state: 'liquid' | 'dry';
  readonly strength: Strength;
  /** Of a liquid whose strength goes by weight, g per ml; it is printed as specific gravity, or lb per gallon. */
  readonly gPerMl: number | null;
}

/**
 * Active ingredient in one ml (liquid) or one g (dry) of product, g.
 * @returns refused `no-density` where a liquid's strength goes by weight and its density is not known,
 *   `bad-strength` when over 100 % or not more than 0
 */
export function activeIn(p: Product, field = 'strength'): Outcome<number> {
  const { strength } = p;
  if (strength.by === 'weight') {
    if (!(strength.percent > 0 && strength.percent <= 100)) return refused('bad-strength', 'The strength is more than 0 and at most 100 %.', field);
    if (p.state === 'dry') return done(strength.percent / 100);
    if (p.gPerMl === null || !(p.gPerMl > 0)) {
      return refused('no-density', 'What a ml of it weighs is not known. The label gives it as specific gravity or density.', 'density');
    }
    return done((strength.percent / 100) * p.gPerMl);
  }
  if (p.state === 'dry') return refused('bad-strength', 'A dry product’s strength goes by weight, in %.', field);
  if (!(strength.gPerL > 0 && strength.gPerL <= 1500)) return refused('bad-strength', 'The strength is more than 0 and at most 1500 g in a litre.', field);
  return done(strength.gPerL / 1000);
}

export interface Rescaled {
  readonly amount: number;
  readonly working: Working;
}

/**
 * The amount of a product of another strength that carries as much of the same active ingredient. It is only
 * arithmetic: the label of the product in the hand still has to carry the crop, the pest and the rate.
 * @param amount of the product that the rate was given for, ml (liquid) or g (dry)
 * @returns ml or g of the other one; refused as `activeIn` does
 * @example rescale(15, 50 % W, 25 % W) // 30 g
 */
export function rescale(amount: number, from: Product, to: Product): Outcome<Rescaled> {
  if (!(amount > 0) || !Number.isFinite(amount)) return refused('too-small', 'It must be more than 0.', 'amount');
  const a = activeIn(from, 'from');
  if (!a.ok) return a;
  const b = activeIn(to, 'to');
  if (!b.ok) return b;
  const other = (amount * a.value) / b.value;
  const unit = (p: Product) => (p.state === 'dry' ? 'g' : 'ml');
  return done({
    amount: other,
    working: {
      title: 'Of the other strength',
      result: `${trim(other, 2)} ${unit(to)}`,
      inputs: [
        { name: 'Amount given', value: `${trim(amount, 2)} ${unit(from)} of ${sayStrength(from.strength)}` },
        { name: 'Active ingredient in it', value: `${trim(amount * a.value, 3)} g` },
        { name: 'Yours', value: sayStrength(to.strength) },
      ],
      formula: 'amount × its strength ÷ your strength',
      source: { mark: 'CP' },
    },
  });
}

/** @example sayStrength({ by: 'weight', percent: 50 }) // '50 %' */
export const sayStrength = (s: Strength): string => (s.by === 'weight' ? `${trim(s.percent, 2)} %` : `${trim(s.gPerL, 1)} g per litre`);
