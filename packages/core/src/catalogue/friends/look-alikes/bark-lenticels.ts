import { cp, lookAlike } from '../../write';

export const barkLenticels = lookAlike({
  id: 'bark-lenticels',
  name: 'Breathing pores of the bark',
  also: 'lenticels',
  hosts: { cherry: 0.8, birch: 0.8, 'flowering-cherry': 0.8, plum: 0.5, 'group:shrub': 0.3, 'group:fruit': 0.2 },
  seen: { always: 'bark-spots-even', never: 'exit-holes bumps-crust gum trunk-frass' },
  facts: [cp('Even pale dashes across smooth bark: the tree breathes there.')],
  advice: 'No trouble: leave it.',
});
