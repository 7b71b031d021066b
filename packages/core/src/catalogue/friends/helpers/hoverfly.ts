import { cp, helper } from '../../write';

export const hoverfly = helper({
  id: 'hoverfly',
  name: 'Hoverflies',
  also: 'flower flies, syrphid flies',
  sizeMm: 11,
  hosts: { any: 0.25 },
  seen: { always: 'hovering-fly', sometimes: 'slug-like-larva', never: 'petals-ragged powder ragged-holes' },
  facts: [cp('They look like small wasps and sting nobody; flat open flowers feed them.')],
  advice: 'Friend: leave it. Its young eat aphids, and it pollinates.',
});
