import { cp, helper } from '../../write';

export const ladybird = helper({
  id: 'ladybird',
  name: 'Ladybirds',
  also: 'ladybugs, lady beetles',
  sizeMm: 7,
  hosts: { any: 0.35 },
  seen: { always: 'dome-beetle', sometimes: 'dark-crowd green-crowd spiky-larva', never: 'ragged-holes powder edge-eaten' },
  facts: [cp('Released at dusk they stay longer; they leave when the food is gone.')],
  advice: 'Friend: leave it. It eats aphids, scale and mites.',
});
