import { MEM } from '../../measure';
import { against, type Means1 } from '../write';
import { LICENSED } from './licensed';

/** Against aphids and other soft sap-suckers in the open. An entry adds or overrides what is particular. */
export const SOFT_SUCKERS: readonly Means1[] = [
  against('leave-it', 0.1, 'Helpers may catch up; in warmth the crowd often grows faster.', MEM),
  against('hose-jet', 0.5, 'A jet knocks them off and few climb back.'),
  against('draw-off-ants', 0.3, 'Without ants to guard them, helpers can reach them.'),
  against('release-ladybirds', 0.25, 'They eat sap-suckers while they stay, and many fly off.', MEM),
  against('soap-spray', 0.9, 'It kills what it wets.'),
  against('neem-spray', 0.7, 'Smothers what it wets; slows growth and breeding for weeks.'),
  against('pyrethrin-spray', 0.85, 'Fast contact kill, of helpers too.'),
  against('organophosphate-spray', 0.9, 'Kills on contact, and most other insects with it.'),
  against('systemic-drench', 0.9, 'Reaches them through the sap, where the label allows it.'),
  LICENSED,
];

/** Against scales and mealybugs: open only as crawlers, or under oil. */
export const SCALES: readonly Means1[] = [
  against('leave-it', 0.05, 'They breed on, slowly; a strong outdoor plant may bear a few.', MEM),
  against('prune-out', 0.5, 'The worst shoots carry most of them.'),
  against('bark-wash', 0.6, 'A brush and soapy water take off scales and soot.'),
  against('wipe-leaves', 0.6, 'A cloth takes them off a few leaves.'),
  against('spirit-dab', 0.7, 'Spirit goes through the wax; each one must be touched.'),
  against('soap-spray', 0.6, 'Kills crawlers that it wets; grown scales are shielded.'),
  against('winter-oil', 0.8, 'Smothers scales and eggs that it coats.'),
  against('neem-spray', 0.55, 'Smothers crawlers and slows the rest over weeks.'),
  against('systemic-drench', 0.9, 'Reaches them through the sap, where the label allows it.'),
  LICENSED,
];

/** Against mites and thrips. */
export const TINY: readonly Means1[] = [
  against('leave-it', 0.1, 'Cool wet weather sets them back; heat brings them on.', MEM),
  against('raise-humidity', 0.3, 'They thrive in dry air.'),
  against('hose-jet', 0.45, 'Washes them and their webs off the undersides.'),
  against('predatory-mites', 0.75, 'They hunt leaf by leaf, if let in early.'),
  against('soap-spray', 0.75, 'Kills what it wets underneath; not the eggs.'),
  against('neem-spray', 0.6, 'Smothers what it wets; slows breeding.'),
  LICENSED,
];
