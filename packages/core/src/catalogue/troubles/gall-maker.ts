import { cp, use, trouble } from '../write';

export const gallMaker = trouble({
  id: 'gall-maker',
  name: 'Gall makers', also: 'gall wasps, gall midges, oak galls, robin pincushion', kind: 'insect', labelAs: 'gall-makers', sizeMm: 3,
  hosts: { oak: 1.8, rose: 0.5, willow: 0.8, maple: 0.6, elm: 0.5, citrus: 0.3, walnut: 0.3, holly: 0.2, blueberry: 0.3, 'group:shrub': 0.3 },
  seen: { always: 'leaf-swelling', often: 'gall-pimples', sometimes: 'exit-holes', rarely: 'dieback', never: 'sticky webbing slime powder' },
  first: 'leaf-swelling',
  season: '5-10', favours: '', unit: 'shoots',
  facts: [cp('The plant builds the gall round a tiny larva; hardly ever does it harm.')],
  life: [['Egg', '4-6', 'in buds and leaves', 'none'], ['In the gall', '5-9', 'inside', 'clearing'], ['Adult', 'all', 'flies off', 'none']],
  open: cp('Inside the gall nothing reaches it, and nothing needs to.'),
  tolerate: cp('Leave it: a curiosity, not a trouble.'), act: 0.8, again: 30,
  by: 'flight', spread: cp('Tiny wasps and midges.'),
  never: cp('Never at soil level: that is crown gall.'),
  enemies: 'parasitic-wasp', apart: { 'crown-gall': 'Crown gall is a rough lump at the soil line.', 'gall-mite': 'Mite galls are pimples of 1 to 3 mm.' },
  controls: [use('leave-it', 0.3, 'It does the plant next to no harm.'), use('prune-out', 0.4, 'Cut galled twigs if the look annoys.'), use('licensed-person', 0.1, 'Never needed for most galls.')],
});
