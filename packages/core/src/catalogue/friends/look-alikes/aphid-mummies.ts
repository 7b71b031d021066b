import { cp, lookAlike } from '../../write';

export const aphidMummies = lookAlike({
  id: 'aphid-mummies',
  name: 'Aphid mummies',
  also: 'parasitised aphids',
  sizeMm: 2,
  hosts: { any: 0.3 },
  seen: { always: 'tan-husks', sometimes: 'dark-crowd green-crowd', rarely: 'tiny-wasps ants sticky', never: 'powder ragged-holes' },
  facts: [cp('A tan, swollen, still aphid holds a young parasitic wasp: the next helper.')],
  advice: 'Friend: leave it. Each husk lets a helper out.',
});
