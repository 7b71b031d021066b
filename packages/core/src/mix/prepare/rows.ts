import { DateTime } from 'luxon';
import { done, refused } from '../../measure';
import { step } from '../step';
import { length, num, str, work } from './parts';
import type { Preparation } from './types';

/** Days after the main crop that the row is sown, so that flowering overlaps (common practice). */
const SOWN_AFTER = 7;
/** The row stands this far outside the bed, m, and takes this much seed, g a metre (from memory). */
const APART_M = 0.5;
const SEED_G_PER_M = 0.5;

const dayOf = (iso: string) => DateTime.fromISO(iso, { zone: 'utc', locale: 'en-GB' });
const sayDay = (d: DateTime) => d.toFormat('ccc d MMMM');

export const companionRow: Preparation = {
  id: 'companion-row',
  control: 'companion-row',
  name: 'Trap or companion row',
  use: 'A row of mustard or sesame round the crop: an aid, never the only step',
  group: 'rows',
  homeMade: false,
  inputs: [
    length('long', 'Bed, length', 4),
    length('wide', 'Bed, width', 1.2),
    {
      kind: 'choice',
      id: 'plant',
      label: 'Sow',
      options: [
        { value: 'mustard', label: 'Mustard' },
        { value: 'sesame', label: 'Sesame' },
      ],
    },
    { kind: 'day', id: 'sown', label: 'Main crop sown or planted on' },
  ],
  make: (v, say) => {
    const sown = dayOf(str(v, 'sown'));
    if (!sown.isValid) return refused('bad-day', 'Type the day as 2026-04-20.', 'sown');
    const row = 2 * (num(v, 'long') + num(v, 'wide')) + 8 * APART_M;
    const seed = row * SEED_G_PER_M;
    const plant = str(v, 'plant') || 'mustard';
    const day = sown.plus({ days: SOWN_AFTER });
    return done({
      amounts: [
        { name: 'Row, all round', value: row, of: 'length' },
        { name: `${plant === 'sesame' ? 'Sesame' : 'Mustard'} seed`, value: seed, of: 'mass', spooned: true, gPerMl: 0.7 },
      ],
      steps: [
        step('draw', 'Draw the line', [`0.5 m outside the bed, ${say(row, 'length')} in all.`]),
        step('sow', `Sow on ${sayDay(day)}`, ['A week after the crop, so that both flower together. Thinly, 1 cm deep.']),
        step('watch', 'Look at the row first', ['It fills before the crop does. Pull and bag plants that are full of pests: left standing they breed them.']),
      ],
      notes: [`Sow the row on ${sayDay(day)}, ${SOWN_AFTER} days after the crop.`],
      cautions: [
        'Growers differ on whether it works. Count on both sides, and judge for your own bed.',
        ...(plant === 'mustard' ? ['Not round cabbages where club root is about: mustard carries it.'] : []),
      ],
      working: [
        work('Row', `${say(row, 'length')}`, [], 'round the bed, 0.5 m outside it', 'MEM'),
        work('Seed', `${say(seed, 'mass')}`, [], '0.5 g a metre', 'MEM'),
        work('Day', sayDay(day), [{ name: 'Main crop', value: sayDay(sown) }], 'main crop + 7 days'),
      ],
    });
  },
};

/** Edge to bury on every side, m, and hoops this far apart, m (from memory). */
const BURY_M = 0.3;
const HOOP_APART_M = 1;

export const rowCover: Preparation = {
  id: 'row-cover',
  control: 'row-cover',
  name: 'Row cover',
  use: 'Keeping flies, moths, beetles and birds off, with nothing sprayed',
  group: 'rows',
  homeMade: false,
  inputs: [
    length('long', 'Bed, length', 4),
    length('wide', 'Bed, width', 1.2),
    length('high', 'Tallest the plants get under it', 0.5, 2.5),
    {
      kind: 'choice',
      id: 'habit',
      label: 'The plants',
      options: [
        { value: 'upright', label: 'Grow upright from the tip' },
        { value: 'sprawling', label: 'Sprawl, and carry it themselves' },
      ],
    },
    {
      kind: 'choice',
      id: 'flower',
      label: 'For the crop, insects are',
      options: [
        { value: 'needed', label: 'Needed: beans, squash, fruit' },
        { value: 'not', label: 'Not needed: leaves, roots' },
      ],
    },
  ],
  make: (v, say) => {
    const [long, wide, high] = [num(v, 'long'), num(v, 'wide'), num(v, 'high')];
    const hoops = str(v, 'habit') !== 'sprawling';
    const up = hoops ? high + 0.1 : high;
    const cloth = { long: long + 2 * (up + BURY_M), wide: wide + 2 * (up + BURY_M) };
    const count = Math.floor(long / HOOP_APART_M + 1e-9) + 1;
    const hoop = wide + 2 * up + 2 * BURY_M;
    return done({
      amounts: [
        { name: 'Cloth, length', value: cloth.long, of: 'length' },
        { name: 'Cloth, width', value: cloth.wide, of: 'length' },
        ...(hoops
          ? ([
              { name: 'Hoops', value: count, of: 'pieces' },
              { name: 'Each hoop, with its feet', value: hoop, of: 'length' },
            ] as const)
          : []),
      ],
      steps: [
        step(
          'look',
          'Nothing shut in',
          ['Look under every leaf first: what is inside stays inside. Not where the same crop stood last year if its pest rests in the soil.'],
          { gate: ['No pest is under it'] },
        ),
        ...(hoops ? [step('hoops', 'Set the hoops', [`${count}, 1 m apart. Tips that rub on cloth chafe off.`])] : []),
        step('cover', 'Lay it loose', ['Light fabric in summer; a hand of air above the plants in heat.']),
        step('bury', 'Bury every edge', ['All round. Pins alone hold it down, and crawlers walk in under.'], { gate: ['No gap is left'] }),
        ...(str(v, 'flower') === 'not'
          ? []
          : [step('off', 'Off at the first flowers', ['Or nothing sets. Set the planting to covered, and Today reminds you.'])]),
      ],
      notes: [str(v, 'flower') === 'not' ? 'It may stay until picking.' : 'Off at the first flowers.', 'Lift it weekly to weed and look.'],
      cautions: ['Under it is warmer: open an end above 25 °C.'],
      working: [
        work(
          'Cloth',
          `${say(cloth.long, 'length')} × ${say(cloth.wide, 'length')}`,
          [],
          `bed + 2 × (height${hoops ? ' + 10 cm of air' : ''} + 30 cm to bury)`,
          'MEM',
        ),
        ...(hoops ? [work('Hoops', String(count), [], 'one a metre, and one at the end', 'MEM')] : []),
      ],
    });
  },
};
