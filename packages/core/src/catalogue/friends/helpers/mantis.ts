import { cp, helper } from '../../write';

export const mantis = helper({
  id: 'mantis',
  name: 'Mantids',
  also: 'praying mantis',
  sizeMm: 70,
  hosts: { any: 0.12 },
  seen: { always: 'mantis', never: 'ragged-holes powder sticky' },
  facts: [cp('It eats what it can catch, friends too; egg cases are foam on stems.')],
  advice: 'Friend: leave it and its egg case.',
});
