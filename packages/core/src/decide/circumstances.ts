/** What may be so about a planting on the day, beside its stage. */
export const ABOUT = [
  'thirsty',
  'tender-growth',
  'soil-soaked',
  'covered',
  'weeds-in-flower',
  'for-butterflies',
  'pond-near',
  'in-pots',
  'none-of-those',
  'soil-warm',
  'watered-above-morning',
  'watered-above-evening',
  'stands-apart',
  'no-flower-open',
] as const;
export type About = (typeof ABOUT)[number];
/** What a planting keeps of it: whether a flower is open is looked at on the day. */
export const KEPT_ABOUT = ABOUT.filter((a): a is Exclude<About, 'no-flower-open'> => a !== 'no-flower-open');

/** Who and what else is around the garden. */
export const AROUND = ['children', 'pets', 'hens', 'hives', 'fish-pond', 'sensitive-neighbour'] as const;
export type Around = (typeof AROUND)[number];

/** Whether home-made preparations may be used as pesticides where the grower lives. */
export const HOME_MADE = ['allowed', 'not-allowed', 'not-known'] as const;
export type HomeMade = (typeof HOME_MADE)[number];

export const POLICIES = ['by-hand', 'organic', 'any-labelled'] as const;
export type Policy = (typeof POLICIES)[number];

/** Hours in which somebody must be among the plants. */
export interface Plan {
  /** ISO days of the week, 1 Monday … 7 Sunday. */
  readonly days: readonly number[];
  /** Local time, "17:30". */
  readonly from: string;
  readonly to: string;
  readonly what: string;
}
