import { cp, lookAlike } from '../../write';

export const springtails = lookAlike({
  id: 'springtails',
  name: 'Springtails',
  also: 'jumping specks',
  sizeMm: 2,
  hosts: { 'group:house': 0.6, any: 0.12 },
  seen: { always: 'springing-specks', sometimes: 'green-crust-soil', never: 'gnats soil-maggots root-wool' },
  facts: [cp('They live on rotting bits in wet compost and harm no living root.')],
  advice: 'No trouble: water less and they go.',
});
