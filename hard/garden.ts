/** A row of peas as the app sends it. */
export const plantingNamed = (id: string) => ({
  id,
  revision: 0,
  name: `Peas ${id.slice(-4)}`,
  hostId: 'pea',
  place: '',
  site: 'outdoors',
  stage: 'growing',
  edible: true,
  dense: false,
  tolerance: 'usual',
  areaM2: 4,
  heightM: null,
  trunkCm: null,
  about: [],
  pickFrom: null,
  pickUntil: null,
});

/** What together is the whole garden. */
export const READS = [
  '/garden',
  '/plantings',
  '/cases',
  '/cases?status=cleared',
  '/treatments',
  '/walks',
  '/shed-items',
  '/batches',
  '/sprayers',
  '/confirmations',
];
