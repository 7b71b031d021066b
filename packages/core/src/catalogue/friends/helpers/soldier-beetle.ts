import { cp, helper } from '../../write';

export const soldierBeetle = helper({
  id: 'soldier-beetle',
  name: 'Soldier beetles',
  also: 'leatherwings',
  sizeMm: 10,
  hosts: { 'family:Apiaceae': 0.4, any: 0.12 },
  seen: { always: 'soldier-beetle', never: 'scarlet-beetle petals-ragged edge-eaten' },
  facts: [cp('Slim, orange-red, on flat flowers in summer; grubs and beetles eat aphids.')],
  advice: 'Friend: leave it. It eats aphids.',
});
