import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const btiDrench: Control = {
  id: 'bti-drench',
  name: 'Bt israelensis drench',
  act: 'Mix the drench',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  sheet: 'bt-israelensis',
  needs: { minTempC: 8 },
  how: [
    { text: 'Let the top of the soil dry first.', at: 'before' },
    { text: 'Water it on evenly until the top 3 cm are wet.', at: 'on', by: ['soil-drench'] },
    { text: 'Again weekly for three weeks.', at: 'after' },
  ],
  works: { text: 'Fly larvae in the soil eat it and stop feeding at once.', prov: CP },
  cautions: [{ text: 'Wash hands; keep out of eyes.', prov: MEM }],
  doesNot: { text: 'It does nothing to the flying ones: cards thin those.', prov: CP },
  after: { text: 'Fewer flies on the card after ten days; slices of potato on the soil stay clean.', prov: CP },
  means: ['stomach'],
  does: 'cures',
  alsoFor: [{ pests: ['fungus-gnats'], effect: 0.8, why: 'Larvae in the top of the soil eat it.', prov: CP }],
};
