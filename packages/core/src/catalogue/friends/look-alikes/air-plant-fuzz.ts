import { cp, lookAlike } from '../../write';

export const airPlantFuzz = lookAlike({
  id: 'air-plant-fuzz',
  name: 'Silver fuzz of air plants',
  also: 'trichomes',
  hosts: { 'air-plant': 1.3, succulent: 0.3 },
  seen: { always: 'silver-scales', never: 'powder cottony-tufts sticky' },
  facts: [cp('Even silver scales that drink dew. Oils and soaps clog them.')],
  advice: 'No trouble: never wipe it off.',
});
