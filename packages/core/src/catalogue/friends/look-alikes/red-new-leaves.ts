import { cp, lookAlike } from '../../write';

export const redNewLeaves = lookAlike({
  id: 'red-new-leaves',
  name: 'Red young leaves',
  also: 'bronze new growth',
  hosts: { rose: 0.8, 'flowering-cherry': 0.5, mango: 1, maple: 0.5, hawthorn: 0.3, rhododendron: 0.4, walnut: 0.3, 'group:shrub': 0.25 },
  seen: { always: 'red-new-leaves', never: 'red-pucker bronzed curled-tips sticky' },
  facts: [cp('Young leaves of many plants are red and smooth, and green later.')],
  advice: 'No trouble: they turn green.',
});
