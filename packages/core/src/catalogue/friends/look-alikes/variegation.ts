import { cp, lookAlike } from '../../write';

export const variegation = lookAlike({
  id: 'variegation',
  name: 'Variegation',
  also: 'striped leaves, bred pattern',
  hosts: { any: 0.2, hosta: 0.8, ivy: 0.8, dracaena: 0.8, 'group:house': 0.5, holly: 0.6, pelargonium: 0.5 },
  seen: { always: 'even-stripes', rarely: 'mosaic ring-spots', never: 'stunted twisted-growth sticky' },
  facts: [cp('The pattern is even and was there when bought.')],
  advice: 'No trouble: it is bred that way.',
});
