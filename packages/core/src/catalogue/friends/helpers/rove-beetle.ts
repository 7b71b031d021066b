import { cp, helper } from '../../write';

export const roveBeetle = helper({
  id: 'rove-beetle',
  name: 'Rove beetles',
  also: "devil's coach horse",
  sizeMm: 20,
  hosts: { any: 0.15 },
  seen: { always: 'raised-tail-beetle', never: 'petals-ragged powder sticky' },
  facts: [cp('It has no pincers: that tells it from an earwig.')],
  advice: 'Friend: leave it. It eats slugs, eggs and root-fly maggots.',
});
