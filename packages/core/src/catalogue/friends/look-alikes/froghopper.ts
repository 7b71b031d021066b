import { cp, lookAlike } from '../../write';

export const froghopper = lookAlike({
  id: 'froghopper',
  name: 'Froghopper froth',
  also: 'cuckoo spit, spittlebug',
  sizeMm: 5,
  hosts: { lavender: 0.9, any: 0.2, strawberry: 0.3, chrysanthemum: 0.4 },
  seen: { always: 'froth', rarely: 'twisted-growth', never: 'slime sticky webbing' },
  facts: [cp('One soft green nymph in a blob of froth; it drinks little.')],
  advice: 'No trouble: a jet washes it off if the look annoys.',
});
