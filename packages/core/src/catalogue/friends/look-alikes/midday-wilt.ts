import { cp, lookAlike } from '../../write';

export const middayWilt = lookAlike({
  id: 'midday-wilt',
  name: 'Noon droop',
  also: 'flagging in the sun',
  hosts: { any: 0.25, courgette: 0.9, pumpkin: 0.9, hydrangea: 0.8, cucumber: 0.5 },
  seen: { always: 'midday-droop', never: 'wilt-wet-soil wilt-dry-soil sawdust roots-clubbed brown-inside-stem roots-knots stunted' },
  facts: [cp('Big leaves droop at noon and stand up by evening: they close shop in the heat.')],
  advice: 'No trouble: look again in the evening before you water.',
});
