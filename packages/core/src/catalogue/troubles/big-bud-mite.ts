import { MEM } from '../../measure';
import { LICENSED } from '../means';
import { cp, against, trouble } from '../write';

export const bigBudMite = trouble({
  id: 'big-bud-mite',
  name: 'Big bud mite',
  also: 'blackcurrant gall mite',
  kind: 'mite',
  labelAs: 'mites gall-makers',
  sizeMm: 0.2,
  hosts: { blackcurrant: 1.6, walnut: 0.5, redcurrant: 0.3, gooseberry: 0.2 },
  seen: { always: 'big-buds', often: 'stunted', sometimes: 'buds-drop', rarely: 'twisted-growth', never: 'sticky webbing' },
  first: 'big-buds',
  season: '11-4',
  unit: 'buds',
  facts: [cp('Buds swell round like peas in winter and dry up in spring; the mites carry reversion.')],
  life: [
    ['In the bud', '7-3', 'thousands in a bud', 'hand'],
    ['Leaving', '4-6', 'on the move as flowers open', 'contact oil'],
  ],
  open: cp('Pick swollen buds off in winter, before the mites leave them.'),
  tolerate: cp('A few buds can be picked; a bush full of them goes.'),
  act: 0.05,
  again: 21,
  by: 'wind insect splash',
  spread: cp('They drift to new buds at flowering.'),
  carries: 'reversion',
  never: cp('Never on leaf blades.'),
  enemies: 'predatory-mite',
  apart: { reversion: 'Reversion shows in leaf shape and poor crops; it comes with these mites.' },
  controls: [
    against('leave-it', 0.1, 'A bush bears some; the crop goes down.', MEM),
    LICENSED,
    against('hand-pick', 0.5, 'Swollen buds picked off in winter take the mites along.'),
    against('resistant-kinds', 0.7, 'Some blackcurrants do not take it.'),
  ],
});
