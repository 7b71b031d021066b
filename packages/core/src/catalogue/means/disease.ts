import { MEM } from '../../measure';
import { against, timed, type Means1 } from '../write';
import { LICENSED } from './licensed';

/** Against fungi on leaves that live on wet leaves. */
export const LEAF_FUNGI: readonly Means1[] = [
  against('leave-it', 0.1, 'In dry weather it stands still; in wet it climbs.', MEM),
  against('water-and-air', 0.35, 'Leaves that dry quickly take less of it.'),
  against('resistant-kinds', 0.6, 'For the next planting: some kinds hardly take it.'),
  against('clear-fallen', 0.35, 'It winters on fallen leaves.'),
  against('pick-off-leaves', 0.45, 'What is picked early does not shed spores.'),
  against('bacillus-subtilis-spray', 0.4, 'Early and often; weaker than copper.'),
  against('copper-spray', 0.65, 'A guard for leaves not yet touched.'),
  LICENSED,
];

/** Against powdery mildews and what sulfur holds down. */
export const POWDERY: readonly Means1[] = [
  against('leave-it', 0.1, 'Late in the season a plant may bear it.', MEM),
  against('water-and-air', 0.35, 'Dry roots and still air bring it on.'),
  against('resistant-kinds', 0.6, 'For the next planting: some kinds hardly take it.'),
  against('pick-off-leaves', 0.4, 'The first patches feed all the rest.'),
  against('prune-out', 0.4, 'White shoots carry it through the winter.'),
  against('bacillus-subtilis-spray', 0.4, 'Early and often.'),
  against('bicarbonate-spray', 0.6, 'Dries the patches it touches.'),
  against('sulfur-spray', 0.75, 'Better before than after; not in heat.'),
  against('neem-spray', 0.5, 'Coats and checks young patches.'),
  LICENSED,
];

/** Against troubles that live in the soil: no home spray reaches them. */
export const SOIL_BORNE: readonly Means1[] = [
  against('leave-it', 0.05, 'It does not leave by itself.', MEM),
  against('let-it-dry', 0.35, 'Most of them swim: drained, airy soil slows them.'),
  against('rotate-crops', 0.4, 'Starved of its host it thins out, slowly.'),
  against('resistant-kinds', 0.6, 'Clean plants and resistant kinds are the lasting means.'),
  against('dig-out', 0.5, 'A sick plant feeds it: lift it with its soil.'),
  LICENSED,
];

/** Against cankers, blights and diebacks of wood: cut out, in dry weather. */
export const WOOD_DISEASE: readonly Means1[] = [
  against('leave-it', 0.05, 'It goes on down the branch.', MEM),
  against('prune-out', 0.65, 'Cut well below into clean wood: what is gone does not spread.'),
  against('clear-fallen', 0.3, 'Dead wood on the ground sheds spores.'),
  timed('leaf-fall bud-swell', 'as leaves fall and as buds swell', against('copper-spray', 0.35, 'At leaf fall and bud swell, it guards fresh wounds.')),
  LICENSED,
];

/** Against viruses and their like: there is no cure. */
export const NO_CURE: readonly Means1[] = [
  against('leave-it', 0.05, 'It stays in the plant; some crop on.', MEM),
  against('resistant-kinds', 0.6, 'Certified clean stock and resistant kinds are the way.'),
  against('dig-out', 0.6, 'One sick plant feeds its neighbours.'),
  LICENSED,
];

/** Not alive: mend the cause. The last rung is advice, not treatment. */
export const GROWING: readonly Means1[] = [
  against('leave-it', 0.3, 'What is marked stays marked; new growth shows whether it is over.', MEM),
  against('even-watering', 0.5, 'Most of these begin with water.'),
  against('shade-and-shelter', 0.3, 'Out of cold, draught and fierce sun.'),
  against('licensed-person', 0.3, 'When it goes on, ask your local extension office.'),
];
