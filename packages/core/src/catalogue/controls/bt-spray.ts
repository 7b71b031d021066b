import { CP } from '../../measure';
import type { Control } from '../schema';

export const btSpray: Control = {
  id: 'bt-spray',
  name: 'Bt spray',
  act: 'Mix the Bt',
  rung: 3,
  hazard: { people: 1, bees: 0, water: 0, helpers: 0, persistence: 1 },
  organic: true,
  sheet: 'bt-kurstaki',
  needs: { maxSunWm2: 250, maxWindMs: 4.5, rainFreeHours: 6, leaf: 'dry', daylight: true },
  how: [
    { text: 'Late afternoon or dusk.', at: 'before' },
    { text: 'Undersides and hearts, where small ones feed.', at: 'on', by: ['fine-spray', 'run-off'] },
    { text: 'Look again in 4 days.', at: 'after' },
  ],
  works: { text: 'Small caterpillars that eat it stop feeding at once and die in 3 to 4 days. Sun breaks it down; hard rain washes it off.', prov: CP },
  cautions: [
    { text: 'Kills butterflies’ caterpillars too: keep it off plants grown for butterflies.', prov: CP },
    { text: 'Not on large caterpillars.', prov: CP },
  ],
  doesNot: { text: 'It does not kill large caterpillars, sawfly larvae or anything that has bored in.', prov: CP },
  after: { text: 'They stop eating within a day and hang limp in 3 to 4 days; count fresh droppings.', prov: CP },
  means: ['stomach'],
  does: 'cures',
};
