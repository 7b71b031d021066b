import type { PartId } from './schema';

/** What each part is called on a button and in a sentence. */
export const PART_NAMES: Readonly<Record<PartId, { tile: string; inText: string }>> = {
  tip: { tile: 'Tips', inText: 'shoot tips' },
  'leaf-top': { tile: 'Leaf top', inText: 'tops of the leaves' },
  'leaf-under': { tile: 'Underside', inText: 'undersides' },
  stem: { tile: 'Stem', inText: 'stems' },
  flower: { tile: 'Flower', inText: 'flowers' },
  fruit: { tile: 'Fruit', inText: 'fruit and pods' },
  whole: { tile: 'Whole plant', inText: 'whole plant' },
};
