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
  doesNot: { text: 'They do not stay once the food is gone, nor where ants guard it.', prov: CP },
  after: { text: 'Larvae within ten days; clean tips within two weeks.', prov: CP },
  means: ['enemies'],
  does: 'aids',
  releases: 'ladybirds',
  schools: [
    {
      topic: 'releasing helpers',
      positions: ['Buy and release: they clear an outbreak in two weeks.', 'Bought ones fly off: keep the wild ones instead.'],
      ours: 'Listed as a help, at dusk, after the ants are drawn off; never the only step.',
      why: 'Both happen; drawing off ants and sparing wild larvae costs nothing.',
    },
  ],
};
