import { mem, helper } from '../../write';

export const hoverflyLarva = helper({
  id: 'hoverfly-larva',
  name: 'Hoverfly larvae',
  also: 'syrphid larvae',
  sizeMm: 11,
  hosts: { any: 0.35 },
  seen: { always: 'slug-like-larva', sometimes: 'dark-crowd green-crowd', rarely: 'ants sticky slime', never: 'ragged-holes powder' },
  facts: [mem('Pale, legless and slow, they empty aphids one after another.')],
  advice: 'Friend: leave it. It eats aphids and harms no leaf.',
});
