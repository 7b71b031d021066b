import { cp, lookAlike } from '../../write';

export const rootNodules = lookAlike({
  id: 'root-nodules',
  name: 'Nitrogen nodules on roots',
  also: 'bean root nodules',
  hosts: { 'family:Fabaceae': 1.2 },
  seen: { always: 'roots-knots', never: 'stunted midday-droop roots-clubbed all-pale' },
  facts: [cp('Beads on the roots of peas and beans that rub off, pink inside: they feed the plant.')],
  advice: 'Friend: leave the roots in the soil after the crop.',
});
