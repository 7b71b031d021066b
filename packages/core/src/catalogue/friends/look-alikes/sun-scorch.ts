import { cp, lookAlike } from '../../write';

export const sunScorch = lookAlike({
  id: 'sun-scorch',
  name: 'Scorch from drops or moving out',
  also: 'leaf scorch',
  hosts: { any: 0.35, 'group:house': 0.5 },
  seen: { always: 'scorched-patches', often: 'after-transplant', rarely: 'leaf-edge-scorch', never: 'webbing sticky pustules grey-fur' },
  facts: [cp('Bleached patches on leaves that were moved into sun; new leaves come clean.')],
  advice: 'No trouble that spreads: a week of shade when moving out.',
});
