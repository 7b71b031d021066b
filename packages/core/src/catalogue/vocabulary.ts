export const PARTS = ['tip', 'leaf-top', 'leaf-under', 'stem', 'stem-base', 'bud', 'flower', 'fruit', 'root', 'soil', 'trunk', 'whole'] as const;
export type PartId = (typeof PARTS)[number];

export const HOST_GROUPS = ['vegetable', 'fruit', 'ornamental', 'shrub', 'house'] as const;
export type HostGroup = (typeof HOST_GROUPS)[number];

/** How a plant grows, for the drawings of its parts. */
export const FORMS = ['herb', 'rosette', 'vine', 'bush', 'tree', 'conifer', 'palm', 'cactus', 'fern', 'bulb', 'grass'] as const;
export type Form = (typeof FORMS)[number];

export const TYPICALITY = ['always', 'often', 'sometimes', 'rarely', 'never'] as const;
export type Typicality = (typeof TYPICALITY)[number];

/** What it takes to look, cheapest first. */
export const LOOKS = ['glance', 'turn', 'loupe', 'night', 'cut', 'dig'] as const;
export type LookKind = (typeof LOOKS)[number];

export const KINDS = ['insect', 'mite', 'mollusc', 'animal', 'worm', 'fungus', 'bacterium', 'virus', 'disorder'] as const;
export type TroubleKind = (typeof KINDS)[number];

/**
 * What a stage of life is open to, and how a control reaches it. Fine enough to be true: winter eggs are open to oil
 * and not to soap, `contact` is what poisons on touch, `enemies` hunt on the plant and `nematodes` in the soil, a
 * `protectant` must be there before the spore, `kickback` stops a young infection and an `eradicant` one that shows.
 */
export const MEANS = [
  'hand',
  'water',
  'soap',
  'oil',
  'contact',
  'stomach',
  'systemic',
  'enemies',
  'egg-parasites',
  'nematodes',
  'bait',
  'cover',
  'protectant',
  'kickback',
  'eradicant',
  'clearing',
  'none',
] as const;
export type Means = (typeof MEANS)[number];

/** The kinds of climate that decide when a season begins: a coarse cut of Köppen and Geiger's (Peel et al. 2007). */
export const CLIMATES = ['tropical', 'subtropical', 'mediterranean', 'temperate', 'continental', 'cold'] as const;
export type Climate = (typeof CLIMATES)[number];

/** Weather that brings it on. */
export const FAVOURS = ['wet', 'dry', 'warm', 'cool'] as const;

/**
 * What a control does against a trouble: `cures` takes away what is there; `holds` keeps what is there from what is
 * still sound (all there is against most diseases); `prevents` keeps it from coming and does nothing once it is there;
 * `next-year` helps the next planting; `aids` helps other means along and is never enough alone.
 */
export const DOES = ['cures', 'holds', 'prevents', 'next-year', 'aids'] as const;
export type Does = (typeof DOES)[number];

/** What can be seen of a plant in its year, in the order in which it comes. */
export const PHASES = [
  'before-planting',
  'sowing',
  'planting-out',
  'growing',
  'bare',
  'bud-swell',
  'green-tip',
  'coloured-bud',
  'in-flower',
  'petal-fall',
  'fruit-growing',
  'fruit-colouring',
  'picking',
  'after-picking',
  'leaf-fall',
] as const;
export type Phase = (typeof PHASES)[number];

/** Moments of a year that a round can hang on; each is dated by what can be seen, and where nothing was seen by the climate. */
export const MOMENTS = ['leaf-fall', 'bare', 'bud-swell', 'white-bud', 'bloom', 'petal-fall', 'fruit-set', 'sowing', 'planting-out'] as const;
export type Moment = (typeof MOMENTS)[number];

/** What may make a control do more or less than it does in general, beside the plant itself. */
export const SITUATIONS = ['curled', 'tall', 'turf', 'indoors', 'under-glass', 'outdoors', 'bare', 'in-leaf'] as const;

/** Kinds of helpers that are set free, by what harms them. */
export const RELEASED = ['mites', 'wasps', 'ladybirds', 'nematodes'] as const;
export type Released = (typeof RELEASED)[number];

export const CARRIERS = ['wind', 'splash', 'tool', 'soil', 'seed', 'insect', 'flight', 'crawling', 'plants', 'none'] as const;

/** What a control can do nothing against, whatever its label says. */
export const IN_VAIN = ['bacterium', 'virus', 'water-mould', 'inside'] as const;
