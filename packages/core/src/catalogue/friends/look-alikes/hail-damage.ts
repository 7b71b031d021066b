import { cp, lookAlike } from '../../write';

export const hailDamage = lookAlike({
  id: 'hail-damage',
  name: 'Hail and wind tears',
  also: 'hail damage, storm damage',
  hosts: { any: 0.35 },
  seen: { always: 'one-side-tears', often: 'ragged-holes', sometimes: 'fruit-dimples', never: 'droppings slime webbing night-feeding' },
  facts: [cp('All tears on the side the storm came from, and all from one day.')],
  advice: 'No trouble that goes on: trim what is torn. Nothing to treat.',
});
