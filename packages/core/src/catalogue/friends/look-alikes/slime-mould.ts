import { cp, lookAlike } from '../../write';

export const slimeMould = lookAlike({
  id: 'slime-mould',
  name: 'Slime mould on mulch',
  also: 'dog vomit mould',
  hosts: { any: 0.2 },
  seen: { always: 'slime-mould', never: 'wilt-wet-soil stem-base-dark white-threads-base' },
  facts: [cp('Bright froth on mulch after rain; it eats bacteria and dries to dust.')],
  advice: 'No trouble: rake it in if you dislike it.',
});
