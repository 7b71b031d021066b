import { SAWFLIES } from '../means';
import { cp, mem, against, trouble } from '../write';

export const roseSlugSawfly = trouble({
  id: 'rose-slug-sawfly',
  name: 'Rose slug sawfly',
  also: 'rose slug, rose sawfly',
  kind: 'insect',
  labelAs: 'sawflies',
  sizeMm: 15,
  hosts: { rose: 1.3, oak: 0.3 },
  seen: {
    always: 'windows',
    often: 'skeleton-lace caterpillar',
    sometimes: 'scorched-patches edge-eaten',
    rarely: 'slug-grubs',
    never: 'slime droppings metallic-beetle sticky',
  },
  first: 'windows',
  season: '5-9',
  favours: 'warm',
  unit: 'leaves',
  facts: [cp('Pale green grubs scrape one side of the leaf to a window.'), mem('Not a caterpillar: Bt kurstaki does nothing.')],
  life: [
    ['Egg', '5-8', 'in the leaf edge', 'none'],
    ['Grub', '5-9', 'undersides', 'hand water soap contact stomach'],
    ['Cocoon', '7-5', 'in the soil', 'nematodes'],
  ],
  open: cp('Grubs underneath in early summer.'),
  tolerate: cp('Roses leaf out again.'),
  act: 0.2,
  again: 6,
  by: 'flight',
  spread: cp('Small black wasps without a waist.'),
  never: cp('Never slime trails.'),
  enemies: 'parasitic-wasp spider-friend',
  apart: { 'rose-leaf-roller': 'The roller rolls the leaf tight.', 'copper-leaf-beetle': 'Beetles are seen by day.' },
  controls: [...SAWFLIES, against('soap-spray', 0.6, 'Small grubs underneath.')],
});
