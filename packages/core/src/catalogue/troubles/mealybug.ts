import { SCALES } from '../means';
import { cp, use, trouble } from '../write';

export const mealybug = trouble({
  id: 'mealybug',
  name: 'Mealybug', also: 'cottony bugs', kind: 'insect', labelAs: 'mealybugs', sizeMm: 4,
  hosts: { orchid: 1.5, cactus: 1.3, succulent: 1.2, aloe: 0.9, ficus: 1, hoya: 1.4, citrus: 1, grape: 0.5, 'african-violet': 0.9, dracaena: 0.8, palm: 0.8, monstera: 0.8, 'group:house': 0.9, fig: 0.4 },
  seen: { always: 'cottony-tufts', often: 'sticky egg-sacs', sometimes: 'soot ants leaves-drop', rarely: 'stunted', never: 'flies-up webbing' },
  first: 'cottony-tufts sticky',
  season: 'all', favours: 'warm', unit: 'leaf joints',
  facts: [cp('White wax sheds water: sprays need soap or oil, and a second and third go.'), cp('Looks like a dab of cotton wool, and walks if nudged.')],
  life: [['Egg sac', 'all', 'white wool in joints', 'hand'], ['Crawler', 'all', 'on the move, no wax yet', 'contact helpers'], ['Grown', 'all', 'joints, under sheaths, roots', 'hand']],
  open: cp('Crawlers are open; grown ones sit under wax: dab or wipe each.'),
  tolerate: cp('Do not wait indoors: it does not go by itself.'), act: 0.05, again: 7,
  by: 'plants crawling insect', spread: cp('Comes with new plants: keep those apart for three weeks.'),
  never: cp('Never flies up.'),
  enemies: 'mealybug-ladybird lacewing-larva', apart: { 'woolly-aphid': 'Woolly aphid is on apple bark outdoors.', 'mealybug-ladybird': 'The friend is shaggy and walks fast.', 'powdery-mildew': 'Mildew lies flat and has no legs.' },
  controls: [...SCALES, use('soap-spray', 0.6, 'Kills crawlers and what it wets through; repeat.')],
});
