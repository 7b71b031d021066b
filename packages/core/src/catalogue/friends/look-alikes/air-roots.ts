import { cp, lookAlike } from '../../write';

export const airRoots = lookAlike({
  id: 'air-roots',
  name: 'Roots in the air',
  also: 'aerial roots',
  hosts: { orchid: 1.2, monstera: 1.2, ivy: 0.4, tomato: 0.2, sweetcorn: 0.4, 'family:Araceae': 0.9 },
  seen: { always: 'silver-roots-air', never: 'root-wool roots-brown-mushy' },
  facts: [cp('Silver when dry, green when wet: they drink from the air.')],
  advice: 'No trouble: leave them on.',
});
