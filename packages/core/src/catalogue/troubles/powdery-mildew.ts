import { POWDERY } from '../means';
import { cp, use, trouble } from '../write';

export const powderyMildew = trouble({
  id: 'powdery-mildew',
  name: 'Powdery mildew', also: 'mildew, white mould, oidium', kind: 'fungus', labelAs: 'powdery-mildew',
  hosts: { courgette: 2, cucumber: 1.3, pumpkin: 1.6, melon: 1.2, gooseberry: 1.1, apple: 1, grape: 1.4, rose: 1.5, 'sweet-pea': 1, pea: 1.2, oak: 1, 'crape-myrtle': 1.3, strawberry: 0.7, peach: 0.5, begonia: 1.1, hydrangea: 0.5, chrysanthemum: 0.7, succulent: 0.6, tomato: 0.5, rhododendron: 0.4, mango: 0.8, maple: 0.6, lettuce: 0.3, parsley: 0.5, viburnum: 0.3, 'african-violet': 0.5, artichoke: 0.4, 'family:Fabaceae': 0.4, 'family:Rosaceae': 0.6, 'family:Asteraceae': 0.5, 'family:Cucurbitaceae': 1.4, 'group:ornamental': 0.35 },
  seen: { always: 'powder', often: 'curled-tips', sometimes: 'leaves-drop twisted-growth fruit-misshapen', rarely: 'vein-marbling white-film bronzed', never: 'sticky webbing dark-crowd pustules slime' },
  first: 'powder',
  season: '5-10', favours: 'dry warm', unit: 'leaves',
  facts: [cp('Grows on dry leaves in warm days and cool nights, and on plants short of water at the root.'), cp('Sulfur works better before than after.')],
  life: [['Winter', '10-4', 'in buds and on litter', 'clearing'], ['First spots', '5-6', 'leaf tops', 'fungicide clearing'], ['Spread', '6-10', 'all leaves', 'fungicide']],
  open: cp('New spots, while the powder is thin; treated leaves stay marked.'),
  tolerate: cp('On old leaves late in the season it costs little.'), act: 0.1, again: 7,
  by: 'wind', spread: cp('Spores on dry wind.'),
  never: cp('Never follows the veins only, and never shiny.'),
  enemies: '', apart: { 'squash-marbling': 'Marbling follows the veins and does not rub off.', 'spray-residue': 'Residue washes off and lies in drops.', 'downy-mildew': 'Downy mildew is underneath, with yellow above.' },
  schools: [{ topic: 'Milk and other kitchen sprays', positions: ['Milk in water, weekly, holds it down.', 'Only sulfur or bicarbonate does.'], ours: 'Sulfur or bicarbonate by the label.', why: 'Known strength, known wait; milk is tried on a few leaves at your own risk.' }],
  controls: [...POWDERY, use('leave-it', 0, 'Late in the season on old leaves it costs little.'), use('pick-off-leaves', 0.4, 'Takes the first spots away before they spread.'), use('sulfur-spray', 0.8, 'Stops new spots; resistance is rare.')],
});
