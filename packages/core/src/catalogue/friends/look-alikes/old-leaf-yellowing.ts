import { mem, lookAlike } from '../../write';

export const oldLeafYellowing = lookAlike({
  id: 'old-leaf-yellowing',
  name: 'Normal old-leaf yellowing',
  also: 'lower leaves yellow',
  hosts: { any: 0.5 },
  seen: { always: 'old-leaves-yellow', often: 'leaves-drop', rarely: 'bronzed stipple', never: 'sticky webbing pustules dark-crowd all-pale' },
  facts: [mem('The lowest leaves yellow and fall as the plant grows; nothing crawls or spreads.')],
  advice: 'No trouble: pick them off if you like. Nothing to treat.',
});
