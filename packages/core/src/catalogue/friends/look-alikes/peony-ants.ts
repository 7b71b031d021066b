import { cp, lookAlike } from '../../write';

export const peonyAnts = lookAlike({
  id: 'peony-ants',
  name: 'Ants on peony buds',
  also: 'ants on buds',
  hosts: { peony: 1.5 },
  seen: { always: 'ants', never: 'ant-soil dark-crowd green-crowd soot' },
  facts: [cp('Buds give nectar; ants drink it and do neither good nor harm.')],
  advice: 'No trouble: shake them off before you cut.',
});
