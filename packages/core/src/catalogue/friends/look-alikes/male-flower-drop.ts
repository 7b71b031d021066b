import { cp, lookAlike } from '../../write';

export const maleFlowerDrop = lookAlike({
  id: 'male-flower-drop',
  name: 'Male flowers falling',
  also: 'squash flowers fall off',
  hosts: { courgette: 1.1, pumpkin: 1.1, cucumber: 0.7, melon: 0.8, kiwi: 0.1 },
  seen: { always: 'flowers-drop-thin-stalk', rarely: 'fruit-drop', never: 'buds-holed fruit-hole grey-fur fruit-misshapen' },
  facts: [cp('Male flowers stand on a thin plain stalk, open first and fall: no fruit was lost.')],
  advice: 'No trouble: the females follow.',
});
