import { cp, lookAlike } from '../../write';

export const fernSpores = lookAlike({
  id: 'fern-spores',
  name: 'Fern spore heaps',
  also: 'brown dots under fern',
  hosts: { fern: 1.5 },
  seen: { always: 'brown-dots-rows', rarely: 'bumps-flat pustules', never: 'sticky soot webbing' },
  facts: [cp('Even rows under the frond: that is how ferns sow themselves.')],
  advice: 'No trouble: leave it.',
});
