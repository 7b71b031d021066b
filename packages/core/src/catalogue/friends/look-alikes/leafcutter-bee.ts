import { cp, lookAlike } from '../../write';

export const leafcutterBee = lookAlike({
  id: 'leafcutter-bee',
  name: 'Leafcutter bee cuts',
  also: 'round cuts in rose leaves',
  sizeMm: 11,
  hosts: { rose: 1.1, wisteria: 0.4, 'group:ornamental': 0.12, 'group:shrub': 0.15 },
  seen: { always: 'half-moons', rarely: 'edge-notches', never: 'droppings slime skeleton-lace' },
  facts: [cp('Smooth half circles taken to line a nest: a good pollinator.')],
  advice: 'Friend: leave it.',
});
