import { cp, lookAlike } from '../../write';

export const weedkillerDrift = lookAlike({
  id: 'weedkiller-drift',
  name: 'Weed-killer drift',
  also: 'hormone weedkiller, contaminated manure, herbicide damage',
  hosts: { any: 0.2, tomato: 0.7, grape: 0.7, potato: 0.4, 'family:Fabaceae': 0.4 },
  seen: { always: 'twisted-growth', often: 'after-spray-near narrow-leaves', sometimes: 'stunted', never: 'mosaic webbing sticky green-crowd' },
  facts: [cp('All kinds of plants on one side at once, cupped and twisted; also after bought manure or clippings.')],
  advice: 'Nothing to spray: find the source, do not compost, ask before eating.',
});
