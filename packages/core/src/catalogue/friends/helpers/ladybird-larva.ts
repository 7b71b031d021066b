import { cp, helper } from '../../write';

export const ladybirdLarva = helper({
  id: 'ladybird-larva',
  name: 'Ladybird larvae',
  also: 'ladybug larvae',
  sizeMm: 10,
  hosts: { any: 0.35 },
  seen: { always: 'spiky-larva', sometimes: 'dark-crowd green-crowd', rarely: 'tan-husks ants sticky caterpillar', never: 'ragged-holes powder' },
  facts: [cp('Seeing larvae means they breed here. They leave when the food is gone.')],
  advice: 'Friend: leave it. A broad spray would kill it with the pest.',
});
