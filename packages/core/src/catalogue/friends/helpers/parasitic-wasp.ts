import { cp, helper } from '../../write';

export const parasiticWasp = helper({
  id: 'parasitic-wasp',
  name: 'Parasitic wasps',
  also: 'mini wasps, braconid, encarsia',
  sizeMm: 2,
  hosts: { any: 0.25 },
  seen: { always: 'tiny-wasps', sometimes: 'tan-husks dark-crowd green-crowd still-ovals', never: 'ragged-holes powder' },
  facts: [cp('They lay in aphids, whitefly and caterpillars; they sting nobody.')],
  advice: 'Friend: leave it, and leave the husks where they are.',
});
