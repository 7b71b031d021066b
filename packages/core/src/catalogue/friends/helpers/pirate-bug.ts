import { cp, helper } from '../../write';

export const pirateBug = helper({
  id: 'pirate-bug',
  name: 'Pirate bugs',
  also: 'flower bugs, anthocorids',
  sizeMm: 3,
  hosts: { any: 0.15 },
  seen: { always: 'small-pirate-bug', sometimes: 'black-specks', never: 'tattered-holes powder sticky' },
  facts: [cp('They hunt thrips, psyllids and mites in flowers and curled leaves; a nip is harmless.')],
  advice: 'Friend: leave it. It eats thrips and mites.',
});
