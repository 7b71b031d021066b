import type { LifeStage, Trouble } from '../catalogue';

/** What a sign shows of the creature's age. */
type Age = 'egg' | 'young' | 'grown' | 'any-young' | 'adult' | 'not-adult-only' | 'inside';

const SHOWS: Readonly<Record<Age, string>> = {
  egg: 'bronze-eggs egg-rafts orange-eggs eggs-along-veins scale-eggs egg-sacs',
  young: 'caterpillar psyllid-nymphs',
  grown: 'horned-caterpillar',
  'any-young':
    'red-hump-grubs c-grubs wire-larvae leather-grubs cut-caterpillar looping-caterpillar hairy-caterpillars procession bud-caterpillar pod-grubs midge-larvae slug-grubs fruit-maggots soil-maggots bulb-maggots bulb-soft-grub dirty-frass',
  adult:
    'flies-up gnats jumping-beetles striped-beetles big-striped-beetle scarlet-beetle asparagus-beetle metallic-beetle rainbow-beetle weevil-night snout-beetle-fruit white-butterflies white-moths',
  'not-adult-only': 'hoppers trunk-hoppers flat-bugs shield-bugs',
  inside: 'fruit-caterpillar',
};

/** The stages that go by such a name in the life of a pest; at rest for the winter is none of them. */
const EGG = /^egg/i;
const YOUNG = /^(?:young|hatching|crawler|flat young|nymph)/i;
const GROWN = /^grown/i;
const GRUB = /^(?:grub|larva|caterpillar|maggot|egg and (?:larva|grub))/i;
const ADULT = /^(?:adult|new adult|beetle|moth|butterfly|(?:autumn |second |crane )?fly|wasp|midge)\b/i;
const INSIDE = /^in fruit$/i;

const NAMES: Readonly<Record<Age, readonly RegExp[]>> = {
  egg: [EGG],
  young: [YOUNG, GRUB],
  grown: [GROWN, GRUB],
  'any-young': [YOUNG, GROWN, GRUB],
  adult: [ADULT],
  'not-adult-only': [YOUNG, ADULT],
  inside: [INSIDE, GROWN, GRUB],
};

const AGE_OF: ReadonlyMap<string, Age> = new Map((Object.keys(SHOWS) as Age[]).flatMap((age) => SHOWS[age].split(' ').map((id) => [id, age] as const)));

/** Signs that tell how old the creature is. */
export const STAGE_SIGNS: readonly string[] = [...AGE_OF.keys()];

/**
 * The stages of a pest's life that what was seen tells of. What is inside a fruit is taken for hidden wherever its
 * life knows such a stage.
 * @param signs ids of signs that were seen
 * @returns none where no sign tells, or none fits this pest
 * @example stagesOfSigns(coloradoBeetle, ['red-hump-grubs']) // the grub
 */
export function stagesOfSigns(trouble: Pick<Trouble, 'life' | 'signs'>, signs: readonly string[]): LifeStage[] {
  const told = new Set<LifeStage>();
  for (const id of signs) {
    const age = AGE_OF.get(id);
    const typical = trouble.signs[id];
    if (!age || typical === undefined || typical === 'never') continue;
    const hidden = age === 'inside' ? trouble.life.filter((l) => INSIDE.test(l.stage)) : [];
    const fit = hidden.length > 0 ? hidden : trouble.life.filter((l) => NAMES[age].some((n) => n.test(l.stage)));
    for (const l of fit) told.add(l);
  }
  return trouble.life.filter((l) => told.has(l));
}
