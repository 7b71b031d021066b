import { cp, helper } from '../../write';

export const aphidMidge = helper({
  id: 'aphid-midge',
  name: 'Aphid midge larvae',
  also: 'aphidoletes',
  sizeMm: 3,
  hosts: { any: 0.15 },
  seen: { always: 'orange-midge-larva', often: 'green-crowd', sometimes: 'dark-crowd sticky', never: 'ragged-holes powder pustules' },
  facts: [cp('Bright orange specks among limp aphids: they suck them dry.')],
  advice: 'Friend: leave it. It empties aphids.',
});
