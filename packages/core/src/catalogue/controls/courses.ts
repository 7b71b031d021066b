import type { Provenance } from '../../measure';

/** How one control is meant to be used: how often, how far apart, and when to judge it. */
export interface ControlCourse {
  /** Rounds until it is judged, and the most that make sense before something else is tried. */
  readonly rounds: { readonly least: number; readonly most: number };
  /** Days from one round to the next. */
  readonly every: { readonly min: number; readonly max: number };
  /** Days from the last round until it shows. */
  readonly judgeDays: number;
  /** It acts over weeks: little to see at first is no failure. */
  readonly slow: boolean;
  /** It guards what is clean rather than cures: it goes on while what it guards against goes on. */
  readonly guards: boolean;
  /** In words, for the case. */
  readonly words: string;
  readonly prov: Provenance;
}

const CP: Provenance = { mark: 'CP' };
const MEM: Provenance = { mark: 'MEM' };

const course = (
  least: number,
  most: number,
  every: readonly [number, number],
  judgeDays: number,
  words: string,
  more: Partial<Pick<ControlCourse, 'slow' | 'guards' | 'prov'>> = {},
): ControlCourse => ({ rounds: { least, most }, every: { min: every[0], max: every[1] }, judgeDays, words, slow: false, guards: false, prov: MEM, ...more });

const THREE_DAYS = course(3, 3, [1, 1], 2, 'Once a day, three days running, then look.', { prov: CP });
const GUARD = course(2, 8, [7, 10], 10, 'Every 7 days if it is wet, every 10 if dry, as long as new leaves or flowers are open to it.', {
  guards: true,
  prov: CP,
});
const TWICE_DORMANT = course(2, 2, [28, 120], 60, 'After leaf fall and again before buds swell; judged in spring.', { guards: true, slow: true, prov: CP });
const LET_GO = course(1, 3, [14, 21], 14, 'Let go once, again after two or three weeks if they have gone. They need time.', { slow: true, prov: CP });
const KNOCKDOWN = course(1, 2, [7, 14], 3, 'Once, then look; again only if what is left is worth it.');
const SYSTEMIC = course(1, 1, [365, 365], 28, 'Once. It takes weeks to rise into the plant, and is not repeated within its year.', { slow: true, prov: CP });

/** By control id. What is not here is done once and judged by the trouble's own days. */
export const COURSES: Readonly<Record<string, ControlCourse>> = {
  'soap-spray': course(2, 3, [1, 2], 2, 'Two or three evenings running, then look.', { prov: CP }),
  'bar-soap-suds': THREE_DAYS,
  'neem-leaf-tea': THREE_DAYS,
  'ash-dusting': THREE_DAYS,
  'bt-spray': course(2, 6, [5, 10], 4, 'Every 5 to 7 days in sun or rain, else 7 to 10, while adults fly and young ones are found.', { prov: CP }),
  'neem-spray': course(4, 10, [7, 14], 14, 'Weekly for a month, then every two weeks.', { slow: true, prov: CP }),
  'azadirachtin-spray': course(2, 4, [7, 10], 10, 'Weekly; it stops feeding and growth and takes a week or two.', { slow: true }),
  'beauveria-spray': course(2, 4, [5, 10], 10, 'Every 5 to 10 days in damp air; it takes a week to work.', { slow: true }),
  'spinosad-spray': course(1, 3, [7, 10], 4, 'Once; again after a week if young ones still hatch.'),
  'diatomaceous-dust': course(2, 4, [1, 7], 3, 'A thin dry film, again after rain or dew.', { prov: CP }),
  'pyrethrin-dust': course(2, 2, [1, 3], 2, 'An evening, rinsed off at first light where anything flowers, and the next evening again.', { prov: CP }),
  'carbaryl-dust': course(1, 2, [7, 7], 3, 'An evening; again after a week if the label allows.', { prov: CP }),
  'iron-phosphate-bait': course(2, 4, [7, 14], 7, 'Thinly, again when it is eaten or after two weeks; slugs stop feeding and creep away to die.', {
    slow: true,
  }),
  'borate-bait': course(2, 6, [5, 10], 14, 'Kept fresh in its stations; a nest dies over weeks.', { slow: true }),
  'bti-drench': course(2, 4, [5, 7], 10, 'Every 5 to 7 days over two or three broods.', { slow: true }),
  'trichoderma-drench': course(2, 4, [14, 30], 21, 'Again after two to four weeks; it guards roots.', { slow: true, guards: true }),
  'sulfur-spray': course(2, 6, [7, 14], 7, 'Every 7 to 14 days from the first spot on.', { guards: true }),
  'sulfur-vaporiser': course(1, 4, [7, 14], 2, 'One night, then look; not more than the sheet says.', { prov: CP }),
  'bicarbonate-spray': course(2, 6, [7, 14], 5, 'Every 7 to 14 days from the first spot on.', { guards: true }),
  'kaolin-film': course(2, 6, [7, 14], 7, 'Renewed as it wears off or fruit grows.', { guards: true }),
  'bacillus-subtilis-spray': GUARD,
  'captan-spray': GUARD,
  'mancozeb-spray': GUARD,
  'copper-spray': GUARD,
  'copper-soap-spray': GUARD,
  'phosphonate-spray': GUARD,
  'tebuconazole-spray': course(1, 2, [14, 21], 10, 'Once; again after two or three weeks at most.'),
  'bordeaux-spray': TWICE_DORMANT,
  'lime-sulfur-spray': TWICE_DORMANT,
  'winter-oil': course(1, 2, [14, 30], 30, 'Once while dormant; judged when growth begins.', { slow: true, prov: CP }),
  'pyrethrin-spray': KNOCKDOWN,
  'organophosphate-spray': KNOCKDOWN,
  'acetamiprid-spray': KNOCKDOWN,
  'systemic-drench': SYSTEMIC,
  'trunk-spray': SYSTEMIC,
  'release-ladybirds': LET_GO,
  'predatory-mites': LET_GO,
  'parasitic-wasps': LET_GO,
  nematodes: LET_GO,
  'hose-jet': course(3, 6, [1, 3], 2, 'Every second day, three times, then look.', { prov: CP }),
  'hand-pick': course(3, 10, [1, 3], 2, 'Every second day, until none are found.', { prov: CP }),
  'spirit-dab': course(2, 6, [3, 7], 4, 'Every few days, as the young hatch.'),
  'wipe-leaves': course(2, 6, [3, 7], 4, 'Every few days, as the young hatch.'),
  'beer-saucer': course(3, 10, [1, 3], 5, 'Emptied and filled every other day.', { prov: CP }),
  'earwig-pots': course(3, 10, [1, 3], 5, 'Emptied every morning or two.'),
  'snap-traps': course(3, 10, [1, 2], 5, 'Looked at daily.'),
  'pick-off-leaves': course(1, 6, [3, 7], 7, 'Again as new ones show.'),
};

/** @example courseOf('soap-spray')?.words // 'Two or three evenings running, then look.' */
export const courseOf = (controlId: string): ControlCourse | null => COURSES[controlId] ?? null;
