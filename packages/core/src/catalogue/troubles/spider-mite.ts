import { TINY } from '../means';
import { cp, mem, use, trouble } from '../write';

export const spiderMite = trouble({
  id: 'spider-mite',
  name: 'Two-spotted spider mite', also: 'red spider mite, glasshouse red spider', kind: 'mite', labelAs: 'mites', sizeMm: 0.5,
  hosts: { cucumber: 1.4, tomato: 1, 'french-bean': 1.2, 'runner-bean': 1, 'broad-bean': 0.5, aubergine: 1.4, strawberry: 1, raspberry: 0.5, peach: 0.7, courgette: 0.7, melon: 1, rose: 0.7, ivy: 1.2, palm: 1.2, citrus: 0.7, ficus: 0.7, dracaena: 0.5, orchid: 0.5, 'group:house': 0.6, grape: 0.5, sweetcorn: 0.3, hollyhock: 0.5, dahlia: 0.5, any: 0.2 },
  seen: { always: 'stipple', often: 'webbing moving-specks bronzed', sometimes: 'leaves-drop leaf-edge-scorch', rarely: 'curled-tips sticky', never: 'ants slime black-specks coarse-stipple pustules' },
  first: 'stipple moving-specks',
  season: '5-10', favours: 'dry warm', unit: 'leaves',
  facts: [cp('Dry heat drives them; tap a leaf over white paper and see the specks walk.'), mem('A generation takes one to two weeks in heat.')],
  life: [['Winter female', '10-3', 'orange-red, in cracks and canes', 'clearing'], ['Egg', '4-10', 'undersides, like glass beads', 'none'], ['Mite', '4-10', 'undersides, under web', 'contact helpers']],
  open: cp('Mites are open to what wets the underside; eggs are not: repeat after five to seven days.'),
  tolerate: cp('A few pale leaves on a grown plant in cool weather can wait.'), act: 0.1, again: 5,
  by: 'wind crawling plants', spread: cp('Drift on threads, and on your sleeve: do infested plants last.'),
  never: cp('Never makes sticky leaves or draws ants.'),
  enemies: 'predatory-mite lacewing-larva pirate-bug', apart: { thrips: 'Thrips leave black varnish specks and no web.', leafhopper: 'Hopper flecks are coarse, and something leaps.', 'pollen-dust': 'Dust wipes off.' },
  controls: [...TINY, use('sulfur-spray', 0.6, 'Holds mites down outdoors; kills predatory mites too, and never in heat.'), use('winter-oil', 0.7, 'Smothers mites and eggs it coats.'), use('organophosphate-spray', 0.3, 'Kills their enemies and often makes mites worse.')],
});
