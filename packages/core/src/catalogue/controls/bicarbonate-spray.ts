import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const bicarbonateSpray: Control = {
  id: 'bicarbonate-spray',
  name: 'Potassium bicarbonate spray',
  act: 'Mix the bicarbonate',
  rung: 4,
  hazard: { people: 1, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  sheet: 'potassium-bicarbonate',
  needs: { maxSunWm2: 400, maxTempC: 30, minTempC: 5, maxWindMs: 4.5, rainFreeHours: 6, leaf: 'dry' },
  how: [
    { text: 'At the first white patches.', at: 'before' },
    { text: 'Both sides, until just wetted.', at: 'list' },
    { text: 'Weekly while new patches come.', at: 'after' },
  ],
  works: { text: 'Dries out powdery mildew on the leaf by contact.', prov: CP },
  cautions: [{ text: 'Too strong or in sun it scorches: never above the label.', prov: CP }],
  doesNot: { text: 'It does not last: rain takes it off, and it does not cure the inside of a leaf.', prov: CP },
  after: { text: 'The white goes dull grey in two days and does not come back on young leaves.', prov: CP },
  means: ['eradicant'],
  does: 'holds',
  when: { phases: ['growing', 'in-flower', 'fruit-growing'], text: 'at the first patches; again every week', prov: CP },
  alsoFor: [
    { pests: ['scab'], effect: 0.4, why: 'Dries young spots it touches, again after each rain.', prov: MEM },
    { pests: ['grey-mould'], effect: 0.3, why: 'Dries what it touches.', prov: MEM },
  ],
};
