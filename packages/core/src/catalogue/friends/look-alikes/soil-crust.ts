import { cp, lookAlike } from '../../write';

export const soilCrust = lookAlike({
  id: 'soil-crust',
  name: 'Algae or lime on compost',
  also: 'green soil, white soil',
  hosts: { 'group:house': 0.6, any: 0.15 },
  seen: { always: 'green-crust-soil', rarely: 'white-salt-rim gnats', never: 'wilt-wet-soil seedling-pinched root-wool' },
  facts: [cp('Light on wet compost grows algae: scratch it off and water from below.')],
  advice: 'No trouble: let the top dry.',
});
