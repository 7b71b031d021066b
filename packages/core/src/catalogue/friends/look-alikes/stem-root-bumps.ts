import { cp, lookAlike } from '../../write';

export const stemRootBumps = lookAlike({
  id: 'stem-root-bumps',
  name: 'Root bumps on the stem',
  also: 'tomato stem bumps, adventitious roots',
  hosts: { tomato: 1.1, sweetcorn: 0.4, chrysanthemum: 0.1 },
  seen: { always: 'stem-bumps-roots', never: 'stem-lesions crown-gall bumps-flat' },
  facts: [cp('Rows of small bumps low on the stem are roots waiting for soil.')],
  advice: 'No trouble: bury the stem deeper next time.',
});
