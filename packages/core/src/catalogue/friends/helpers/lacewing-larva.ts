import { mem, helper } from '../../write';

export const lacewingLarva = helper({
  id: 'lacewing-larva',
  name: 'Lacewing larvae',
  also: 'aphid lions',
  sizeMm: 8,
  hosts: { any: 0.3 },
  seen: { always: 'jawed-larva', sometimes: 'green-crowd', rarely: 'dark-crowd ants sticky', never: 'ragged-holes powder' },
  facts: [mem('Eggs stand on thin stalks; larvae hunt aphids, mites and small eggs.')],
  advice: 'Friend: leave it, eggs on stalks as well.',
});
