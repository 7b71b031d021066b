import type { LookKind, PartId } from './schema';

/** What each part is called on a button and in a sentence. */
export const PART_NAMES: Readonly<Record<PartId, { tile: string; inText: string }>> = {
  tip: { tile: 'Tips', inText: 'shoot tips' },
  'leaf-top': { tile: 'Leaf top', inText: 'tops of the leaves' },
  'leaf-under': { tile: 'Underside', inText: 'undersides' },
  stem: { tile: 'Stem', inText: 'stems' },
  'stem-base': { tile: 'Stem base', inText: 'stem bases' },
  bud: { tile: 'Bud', inText: 'buds' },
  flower: { tile: 'Flower', inText: 'flowers' },
  fruit: { tile: 'Fruit', inText: 'fruit and pods' },
  root: { tile: 'Root', inText: 'roots and bulbs' },
  soil: { tile: 'Soil', inText: 'soil' },
  trunk: { tile: 'Bark', inText: 'trunk and bark' },
  whole: { tile: 'Whole plant', inText: 'whole plant' },
};

/**
 * What a look costs the grower, a glance being 1, and how it is said. The key prefers cheap looks:
 * what a naked eye sees before a loupe, before cutting or digging (from memory).
 */
export const LOOK_COSTS: Readonly<Record<LookKind, { cost: number; say: string }>> = {
  glance: { cost: 1, say: 'a glance' },
  turn: { cost: 1.15, say: 'turn a leaf' },
  loupe: { cost: 1.6, say: 'a loupe' },
  night: { cost: 1.8, say: 'an evening visit' },
  cut: { cost: 1.8, say: 'cut one open' },
  dig: { cost: 2, say: 'dig one up' },
};
