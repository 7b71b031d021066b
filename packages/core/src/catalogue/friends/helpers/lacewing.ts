import { cp, helper } from '../../write';

export const lacewing = helper({
  id: 'lacewing',
  name: 'Lacewings',
  also: 'golden eyes',
  sizeMm: 15,
  hosts: { any: 0.2 },
  seen: { always: 'lace-wings', sometimes: 'jawed-larva', never: 'ragged-holes powder coarse-stipple' },
  facts: [cp('It comes to lit windows at night, and lays where aphids are.')],
  advice: 'Friend: leave it. Its young hunt aphids and mites.',
});
