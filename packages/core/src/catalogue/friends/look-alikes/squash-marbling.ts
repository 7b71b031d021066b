import { cp, lookAlike } from '../../write';

export const squashMarbling = lookAlike({
  id: 'squash-marbling',
  name: 'Natural silver marbling',
  also: 'silver leaf marks',
  hosts: { courgette: 1.5, pumpkin: 1, 'family:Cucurbitaceae': 0.4 },
  seen: { always: 'vein-marbling', rarely: 'powder white-film', never: 'sticky webbing silvering' },
  facts: [cp('Many squashes carry silver marks along the veins. They do not rub off and are often taken for mildew.')],
  advice: 'No trouble: it is how the leaf grows. Nothing to treat.',
});
