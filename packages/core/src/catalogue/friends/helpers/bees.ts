import { cp, helper } from '../../write';

export const bees = helper({
  id: 'bees',
  name: 'Bees',
  also: 'bumblebee, honey bee',
  sizeMm: 14,
  hosts: { any: 0.35 },
  seen: { always: 'bees-visiting', never: 'petals-ragged ragged-holes powder' },
  facts: [cp('Without them squashes, beans and apples set little fruit. No spray on open flowers by day.')],
  advice: 'Friend: leave it, and spray no open flower.',
});
