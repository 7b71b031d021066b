import { cp, lookAlike } from '../../write';

export const mulchToadstools = lookAlike({
  id: 'mulch-toadstools',
  name: 'Toadstools in mulch',
  also: 'mushrooms in the bed, plant pot mushrooms',
  hosts: { any: 0.25 },
  seen: { always: 'mulch-toadstools', never: 'honey-toadstools white-fan-bark dieback' },
  facts: [cp('They break the mulch down. Do not eat them; pick them where children play.')],
  advice: 'No trouble: leave them, and never eat them.',
});
