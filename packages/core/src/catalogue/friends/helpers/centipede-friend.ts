import { cp, helper } from '../../write';

export const centipedeFriend = helper({
  id: 'centipede-friend',
  name: 'Centipedes',
  also: 'hundred-legs',
  sizeMm: 30,
  hosts: { any: 0.15 },
  seen: { always: 'centipede', never: 'root-holes-clean slime seedlings-gone' },
  facts: [cp('Fast and flat, one pair of legs to a ring; millipedes are slow and round.')],
  advice: 'Friend: leave it. It hunts in the soil.',
});
