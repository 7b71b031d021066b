import { BEETLES } from '../means';
import { cp, use, trouble } from '../write';

export const asparagusBeetle = trouble({
  id: 'asparagus-beetle',
  name: 'Asparagus beetle', also: 'common asparagus beetle', kind: 'insect', labelAs: 'beetles', sizeMm: 7,
  hosts: { asparagus: 2 },
  seen: { always: 'asparagus-beetle', often: 'stem-lesions dirty-frass', sometimes: 'twisted-growth edge-eaten', rarely: 'only-veins', never: 'slime webbing sticky pustules' },
  first: 'asparagus-beetle',
  season: '5-9', favours: 'warm', unit: 'plants',
  facts: [cp('Black eggs stand in rows on the spears; grey grubs gnaw the fern.')],
  life: [['Winter adult', '10-4', 'hollow stems and litter', 'clearing'], ['Egg', '5-8', 'on spears and fern', 'hand'], ['Grub', '6-9', 'on the fern', 'hand contact'], ['Beetle', '5-9', 'spears and fern', 'hand']],
  open: cp('Grubs on the fern after picking ends.'),
  tolerate: cp('Beds in full growth bear some.'), act: 0.1, again: 5,
  by: 'flight', spread: cp('Flies from bed to bed.'),
  never: cp('Never below the soil.'),
  enemies: 'parasitic-wasp ladybird-larva ground-beetle', apart: { 'cucumber-beetle': 'Cucumber beetles are yellow and on gourds.' },
  controls: [...BEETLES, use('clear-fallen', 0.4, 'Old stems burnt or binned hold the winter beetles.')],
});
