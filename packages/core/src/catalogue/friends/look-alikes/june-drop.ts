import { cp, lookAlike } from '../../write';

export const juneDrop = lookAlike({
  id: 'june-drop',
  name: 'Midsummer drop of fruitlets',
  also: 'june drop',
  hosts: { apple: 0.7, pear: 0.6, plum: 0.6, citrus: 0.7, cherry: 0.4, peach: 0.5, kiwi: 0.2, fig: 0.4 },
  seen: { always: 'fruit-drop', never: 'fruit-tunnel fruit-ribbon-scar fruit-crescent midge-larvae fruit-maggots fruit-rings-rot' },
  facts: [cp('The tree sheds what it can not feed; the rest grows larger.')],
  advice: 'No trouble: thin to one or two a cluster yourself.',
});
