import { CP } from '../../measure';
import type { Control } from '../schema';

export const releaseLadybirds: Control = {
  id: 'release-ladybirds',
  name: 'Release ladybirds',
  act: 'Release ladybirds at dusk',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { duskOnly: true, minTempC: 10, maxWindMs: 6 },
  how: ['Keep them cool until dusk.', 'Wet the plants lightly.', 'Set them free low on the stems, in the thick of it.', 'They leave when the food is gone.'],
  works: { text: '1,000 to 1,500 serve about a quarter acre; a large tree clears in 1 to 2 weeks.', prov: CP },
  cautions: [{ text: 'Pointless after a broad insecticide.', prov: CP }],
  outdoorsOnly: true,
};
