import { WOOD_DISEASE } from '../means';
import { cp, against, trouble } from '../write';

export const appleCanker = trouble({
  id: 'apple-canker',
  name: 'Apple and pear canker',
  also: 'nectria canker, european canker',
  kind: 'fungus',
  labelAs: 'cankers',
  hosts: { apple: 1.2, pear: 0.6, hawthorn: 0.3, 'ash-tree': 0.3 },
  seen: {
    always: 'sunken-bark',
    often: 'dieback bark-cracks',
    sometimes: 'mummies-hang coral-spots',
    rarely: 'fruit-rings-rot',
    never: 'gum ooze-drops webbing slime',
  },
  first: 'sunken-bark',
  season: 'all',
  favours: 'wet',
  unit: 'branches',
  facts: [cp('Flaking bark in rings round a wound or bud; red dots in winter. Wet feet feed it.')],
  life: [
    ['Spores', 'all', 'on canker edges', 'clearing'],
    ['Entry', '9-5', 'leaf scars, cuts, scab cracks', 'protectant kickback'],
  ],
  open: cp('At leaf fall; otherwise the knife, in dry weather.'),
  tolerate: cp('Small ones on old branches are pared to clean wood.'),
  act: 0.05,
  again: 30,
  by: 'splash wind',
  spread: cp('Rain and wind to fresh wounds.'),
  never: cp('Never amber ooze.'),
  enemies: '',
  apart: { 'fire-blight': 'Fire blight oozes and hooks the tips.', 'woolly-aphid': 'White wool in the wound.' },
  controls: [...WOOD_DISEASE, against('let-it-dry', 0.2, 'Drain wet ground.')],
});
