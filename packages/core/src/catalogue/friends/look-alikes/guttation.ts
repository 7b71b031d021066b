import { cp, lookAlike } from '../../write';

export const guttation = lookAlike({
  id: 'guttation',
  name: 'Drops at the leaf edge',
  also: 'guttation',
  hosts: { strawberry: 0.8, monstera: 0.8, tomato: 0.3, 'family:Poaceae': 0.7, 'group:house': 0.4, nasturtium: 0.5, any: 0.15 },
  seen: { always: 'clear-drops-morning', rarely: 'sticky', never: 'soot ants bumps-flat' },
  facts: [cp('Clear water pressed out at the edge after a warm wet night; not sticky.')],
  advice: 'No trouble: water a little less.',
});
