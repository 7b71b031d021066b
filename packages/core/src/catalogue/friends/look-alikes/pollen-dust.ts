import { cp, lookAlike } from '../../write';

export const pollenDust = lookAlike({
  id: 'pollen-dust',
  name: 'Pollen on the leaves',
  also: 'yellow dust',
  hosts: { any: 0.2, conifer: 0.5, sweetcorn: 0.6, lily: 0.5, birch: 0.5 },
  seen: { always: 'yellow-dust', rarely: 'white-film powder', never: 'pustules webbing sticky' },
  facts: [cp('It lies loose on top near open flowers and blows away.')],
  advice: 'No trouble: it blows or washes off.',
});
