import { MEM } from '../../measure';
import { SOFT_SUCKERS } from '../means';
import { cp, mem, use, trouble } from '../write';

export const leafhopper = trouble({
  id: 'leafhopper',
  name: 'Leafhoppers', also: 'rose leafhopper, glasshouse leafhopper, jassids', kind: 'insect', labelAs: 'leafhoppers', sizeMm: 3,
  hosts: { rose: 1.1, potato: 0.7, grape: 0.8, rhododendron: 0.8, lavender: 0.7, mint: 0.8, basil: 0.6, 'french-bean': 0.7, okra: 0.7, beetroot: 0.4, primula: 0.5, aubergine: 0.6, 'family:Lamiaceae': 0.7 },
  seen: { always: 'coarse-stipple', often: 'hoppers cast-skins', sometimes: 'leaf-edge-scorch', rarely: 'curled-tips bronzed sticky', never: 'webbing pustules silvering' },
  first: 'coarse-stipple hoppers',
  season: '5-9', favours: 'dry warm', unit: 'leaves',
  facts: [cp('They leap off sideways when the leaf is turned; white skins stay behind.'), mem('The flecks are coarser than those of mites, and nothing webs.')],
  life: [['Egg', '10-4', 'under bark or in stems', 'none'], ['Young', '5-9', 'undersides', 'contact helpers'], ['Adult', '5-10', 'leaps between plants', 'hand']],
  open: cp('Young without wings, on the underside; adults fly off before a spray lands.'),
  tolerate: cp('Speckled leaves on a grown plant are a matter of looks.'), act: 0.3, again: 7,
  by: 'flight', spread: cp('Some carry yellows from plant to plant.'), carries: 'aster-yellows',
  never: cp('Never webs, never chews holes.'),
  enemies: 'parasitic-wasp pirate-bug spider-friend lacewing-larva', apart: { 'spider-mite': 'Mite specks are finer, and mites web.', thrips: 'Thrips leave silver with black specks.' },
  controls: [...SOFT_SUCKERS, use('draw-off-ants', 0.02, 'Ants have little to do with them.', MEM), use('release-ladybirds', 0.1, 'They leap away from ladybirds.', MEM), use('sticky-card', 0.25, 'Yellow cards show when they come.'), use('soap-spray', 0.6, 'Kills the young that it wets.')],
});
