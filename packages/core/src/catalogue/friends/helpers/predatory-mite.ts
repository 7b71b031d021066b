import { cp, helper } from '../../write';

export const predatoryMite = helper({
  id: 'predatory-mite',
  name: 'Predatory mites',
  also: 'phytoseiulus, mite hunters',
  sizeMm: 0.5,
  hosts: { any: 0.2 },
  seen: { always: 'fast-mites', sometimes: 'stipple webbing', never: 'ragged-holes powder sticky' },
  facts: [cp('Faster and shinier than spider mites; sulfur and oil kill them.')],
  advice: 'Friend: leave it. It eats spider mites and thrips.',
});
