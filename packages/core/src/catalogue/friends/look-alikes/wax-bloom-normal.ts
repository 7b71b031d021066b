import { cp, lookAlike } from '../../write';

export const waxBloomNormal = lookAlike({
  id: 'wax-bloom-normal',
  name: 'Natural wax bloom',
  also: 'blue bloom',
  hosts: { plum: 1, grape: 1, cabbage: 0.7, broccoli: 0.6, succulent: 0.9, blueberry: 0.8, 'brussels-sprout': 0.5, pea: 0.2, conifer: 0.2, leek: 0.4 },
  seen: { always: 'wax-bloom', rarely: 'white-film powder', never: 'grey-mealy-crowd cottony-tufts curled-tips' },
  facts: [cp('A thin even wax that rubs off clean and leaves sound skin.')],
  advice: 'No trouble: it keeps the plant dry.',
});
