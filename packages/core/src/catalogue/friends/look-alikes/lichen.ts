import { cp, lookAlike } from '../../write';

export const lichen = lookAlike({
  id: 'lichen',
  name: 'Lichen, moss and algae on bark',
  also: 'crust on branches',
  hosts: { 'group:shrub': 0.5, 'group:fruit': 0.5, rose: 0.2 },
  seen: { always: 'crust-growth', sometimes: 'dieback', never: 'bumps-crust white-wool coral-spots sticky' },
  facts: [cp('They live on the bark, not of it; thick growth tells of a slow tree or clean air.')],
  advice: 'No trouble: leave it.',
});
