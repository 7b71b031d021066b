import { cp, helper } from '../../write';

export const butterflies = helper({
  id: 'butterflies',
  name: 'Butterflies',
  also: 'peacock, red admiral',
  sizeMm: 50,
  hosts: { any: 0.2, cabbage: 0.05 },
  seen: { always: 'butterflies-visiting', never: 'egg-rafts white-butterflies ragged-holes' },
  facts: [cp('Coloured ones drink here and lay on wild plants; Bt would kill their caterpillars.')],
  advice: 'Friend: leave it. Keep Bt off the plants their young eat.',
});
