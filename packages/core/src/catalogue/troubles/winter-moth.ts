import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, use, trouble } from '../write';

export const winterMoth = trouble({
  id: 'winter-moth',
  name: 'Winter moth caterpillars', also: 'loopers, inchworms, cankerworm', kind: 'insect', labelAs: 'caterpillars', sizeMm: 25,
  hosts: { apple: 1, pear: 0.7, plum: 0.8, cherry: 0.9, rose: 0.5, oak: 0.8, birch: 0.5, 'flowering-cherry': 0.7, hawthorn: 0.7, maple: 0.3, blueberry: 0.3, 'family:Rosaceae': 0.4 },
  seen: { always: 'looping-caterpillar', often: 'ragged-holes leaves-rolled', sometimes: 'buds-holed fruit-misshapen only-veins', rarely: 'petals-ragged', never: 'slime tents sticky hairy-caterpillars' },
  first: 'buds-holed looping-caterpillar',
  season: '3-6', favours: 'cool', unit: 'shoots',
  facts: [cp('Wingless females walk up the trunk in late autumn: a grease band stops them.')],
  life: [['Female climbs', '10-1', 'up the trunk', 'cover'], ['Egg', '11-3', 'on twigs', 'contact'], ['Caterpillar', '3-6', 'buds and leaves', 'stomach hand'], ['Pupa', '6-10', 'in the soil', 'helpers']],
  open: cp('Small caterpillars at bud burst; females at the band.'),
  tolerate: cp('Trees leaf out again by midsummer.'), act: 0.2, again: 7,
  by: 'crawling wind', spread: cp('Young ones drift on threads.'),
  never: cp('Never hairy.'),
  enemies: 'ground-beetle parasitic-wasp spider-friend', apart: { tortrix: 'Tortrix wriggles backwards out of its roll.' },
  controls: [...CATERPILLARS, use('grease-band', 0.75, 'On trunk and stake from autumn to spring.'), use('row-cover', 0.05, 'Not on trees.', MEM), use('winter-oil', 0.3, 'Smothers some eggs.')],
});
