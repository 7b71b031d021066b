import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const diatomaceousDust: Control = {
  id: 'diatomaceous-dust',
  name: 'Diatomaceous earth',
  act: 'Dust it',
  rung: 4,
  hazard: { people: 2, bees: 2, water: 0, helpers: 2, persistence: 1 },
  organic: true,
  sheet: 'diatomaceous-earth',
  needs: { maxWindMs: 3, rainFreeHours: 24, leaf: 'dry', bees: 'always' },
  how: [
    { text: 'Food grade only, never pool grade.', at: 'before' },
    { text: 'It must stay bone dry.', at: 'before', by: ['dust-film'] },
    { text: 'A thin film on undersides and round the base, never on flowers.', at: 'list' },
    { text: 'Dust again after rain or dew.', at: 'after', by: ['dust-film'], open: true },
  ],
  works: { text: 'It scratches and dries soft bodies; hard-shelled beetles hardly.', prov: CP },
  cautions: [
    { text: 'Goggles, mask and gloves: the dust hurts lungs and eyes.', prov: CP },
    { text: 'Kills soft-bodied helpers too.', prov: CP },
  ],
  doesNot: { text: 'It does nothing once damp, and does not stop hard-shelled beetles.', prov: CP },
  after: { text: 'Dry film still there in the evening, and dried-up bodies beneath.', prov: CP },
  means: ['contact'],
  does: 'cures',
  schools: [
    {
      topic: 'wet or dry',
      positions: ['Put on with a little water, so that it sticks.', 'Any moisture ends it; keep it bone dry.'],
      ours: 'Dry only.',
      why: 'It works by drying them out: wet dust does nothing until it has dried, and then sits caked.',
    },
  ],
  alsoFor: [
    { pests: ['aphids', 'thrips'], effect: 0.2, why: 'Dries out the few that walk through it.', prov: MEM },
    { pests: ['flea-beetles', 'fungus-gnats'], effect: 0.35, why: 'A dry film they do not like to cross; useless when wet.', prov: MEM },
  ],
};
