import { CP } from '../../measure';
import type { Control } from '../schema';

export const raiseHumidity: Control = {
  id: 'raise-humidity',
  name: 'Moister air',
  act: 'Set it on pebbles',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Stand the pot on wet pebbles, clear of the water.', 'Group plants together, away from heaters.', 'Shower plants that bear it.'],
  works: { text: 'Dry air browns tips and suits mites.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not kill mites, it slows them.', prov: CP },
  after: { text: 'No new webbing after a week, leaf edges not crisp.', prov: CP },
  means: [],
  does: 'aids',
};
