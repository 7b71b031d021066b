import { cp, helper } from '../../write';

export const mealybugLadybird = helper({
  id: 'mealybug-ladybird',
  name: 'Mealybug ladybird larvae',
  also: 'mealybug destroyer, cryptolaemus',
  sizeMm: 13,
  hosts: { 'group:house': 0.2, citrus: 0.3, grape: 0.2, any: 0.05 },
  seen: { always: 'woolly-larva', often: 'cottony-tufts', sometimes: 'sticky', never: 'ragged-holes powder' },
  facts: [cp('Larger than a mealybug, shaggier, and it walks fast.')],
  advice: 'Friend: leave it. It eats the mealybugs it looks like.',
});
