import { MEM } from '../../measure';
import { against, doing, type Means1 } from '../write';
import { LICENSED } from './licensed';

/** Against caterpillars that feed in the open. */
export const CATERPILLARS: readonly Means1[] = [
  against('leave-it', 0.1, 'Birds and wasps take some; a strong plant grows on.', MEM),
  against('hand-pick', 0.65, 'Few and big enough to see: pick them off, eggs too.'),
  against('row-cover', 0.9, 'Moths and butterflies can not lay through it.'),
  against('bt-spray', 0.85, 'Small caterpillars that eat it stop feeding at once.'),
  against('neem-spray', 0.5, 'Puts young ones off feeding; slow.'),
  against('pyrethrin-spray', 0.8, 'Fast contact kill, of helpers too.'),
  LICENSED,
];

/** Against sawfly grubs: they are no caterpillars, and Bt kurstaki does nothing to them. */
export const SAWFLIES: readonly Means1[] = [
  against('leave-it', 0.05, 'A strong plant grows new leaves; a bare one crops less next year.', MEM),
  against('hand-pick', 0.7, 'Young ones sit together: pick the leaf.'),
  against('hose-jet', 0.4, 'A jet knocks them down and few climb back.'),
  against('soap-spray', 0.4, 'Wets small grubs; big ones shrug it off.'),
  against('neem-spray', 0.5, 'Puts young grubs off feeding.'),
  against('pyrethrin-spray', 0.85, 'Fast contact kill, of helpers too.'),
  LICENSED,
];

/** Against beetles and weevils on leaves. */
export const BEETLES: readonly Means1[] = [
  against('leave-it', 0.1, 'Grown plants bear some holes; young ones less.', MEM),
  against('hand-pick', 0.6, 'In the cool morning they drop into a bowl of soapy water.'),
  against('row-cover', 0.85, 'Put on before they come, it keeps them off.'),
  against('neem-spray', 0.4, 'Puts them off feeding; young grubs more than beetles.'),
  against('pyrethrin-spray', 0.75, 'Fast contact kill, of helpers too.'),
  LICENSED,
];

/** Against flies and weevils whose grubs live in soil, root or bulb. */
export const ROOT_GRUBS: readonly Means1[] = [
  against('leave-it', 0.05, 'What is inside stays inside; the next sowing can be kept clean.', MEM),
  against('rotate-crops', 0.4, "They wait in last year's soil for the same family."),
  against('row-cover', 0.9, 'Put on at sowing, edges buried, no fly gets in to lay.'),
  against('dig-out', 0.5, 'Struck plants lifted with their grubs: what is taken out does not hatch.'),
  against('nematodes', 0.6, 'They seek the grubs out in warm damp soil.'),
  LICENSED,
];

/** Against grubs of beetles and flies that live on roots in open soil. */
export const SOIL_GRUBS: readonly Means1[] = [
  against('leave-it', 0.05, 'Birds take some as the soil is turned.', MEM),
  against('rotate-crops', 0.4, 'They wait in grass and old beds.'),
  against('dig-over', 0.5, 'Turned up and picked out, and birds take the rest.'),
  against('nematodes', 0.6, 'They seek the grubs out in warm damp soil.'),
  LICENSED,
];

/** Against moths and flies whose grubs are inside the fruit. */
export const FRUIT_GRUBS: readonly Means1[] = [
  against('leave-it', 0.05, 'A share of the fruit is lost; the rest is sound.', MEM),
  against('clear-fallen', 0.4, 'Fallen fruit holds the grubs of next year.'),
  against('bag-fruit', 0.9, 'What can not reach the fruit can not lay in it.'),
  against('pheromone-trap', 0.25, 'Times other means; alone it thins the males.'),
  LICENSED,
];

/** Against borers: met before they are in, or cut out. */
export const BORERS: readonly Means1[] = [
  against('leave-it', 0.05, 'Inside, it eats on.', MEM),
  against('stem-collar', 0.4, 'Keeps egg-laying off the stem base.'),
  against('row-cover', 0.85, 'Put on before the moths fly, off at flowering.'),
  against('cut-out-borer', 0.6, 'The one way to reach it once inside.'),
  LICENSED,
];

/** Against slugs and what else feeds at night on the ground. */
export const GROUND_FEEDERS: readonly Means1[] = [
  against('leave-it', 0.1, 'Grown plants bear a few holes.', MEM),
  against('hand-pick', 0.6, 'By torchlight, evening after evening.'),
  against('diatomaceous-dust', 0.4, 'A dry ring they do not like to cross; useless when wet.'),
  LICENSED,
];

/** Against birds and grazers. */
export const GRAZERS: readonly Means1[] = [
  against('leave-it', 0.05, 'They come back while there is food.', MEM),
  doing('holds', against('netting', 0.9, 'The one sure means.')),
  LICENSED,
];
