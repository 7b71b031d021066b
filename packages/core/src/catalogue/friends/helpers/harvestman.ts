import { cp, helper } from '../../write';

export const harvestman = helper({
  id: 'harvestman',
  name: 'Harvestmen',
  also: 'daddy longlegs',
  sizeMm: 8,
  hosts: { any: 0.15 },
  seen: { always: 'long-leg-spider', never: 'webbing stipple sticky' },
  facts: [cp('Spins no web; eats aphids and small caterpillars by night.')],
  advice: 'Friend: leave it.',
});
