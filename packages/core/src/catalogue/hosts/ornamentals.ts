import type { Host } from '../schema';
import { host } from './host';

const bed = (id: string, name: string, family: string, traits: Parameters<typeof host>[4]) => host('ornamental', id, name, family, traits);
const shrub = (id: string, name: string, family: string, traits: Parameters<typeof host>[4]) => host('shrub', id, name, family, traits);

/** Flowers, bulbs and what stands in beds. */
export const ORNAMENTALS: readonly Host[] = [
  bed('sweet-pea', 'Sweet peas', 'Fabaceae', { shape: 'flowering', bees: true, upright: true }),
  bed('hollyhock', 'Hollyhocks', 'Malvaceae', { shape: 'flowering', bees: true, upright: true }),
  bed('rose', 'Roses', 'Rosaceae', { shape: 'woody', bees: true, flowersOn: true, upright: true }),
  bed('lily', 'Lilies and fritillaries', 'Liliaceae', { shape: 'flowering', bees: true, upright: true }),
  bed('tulip', 'Tulips', 'Liliaceae', { shape: 'flowering', upright: true }),
  bed('daffodil', 'Daffodils and snowdrops', 'Amaryllidaceae', { shape: 'flowering', bees: true, upright: true }),
  bed('dahlia', 'Dahlias', 'Asteraceae', { shape: 'flowering', bees: true, upright: true }),
  bed('chrysanthemum', 'Chrysanthemums and asters', 'Asteraceae', { shape: 'flowering', bees: true, upright: true }),
  bed('sunflower', 'Sunflowers and daisies', 'Asteraceae', { shape: 'flowering', bees: true, upright: true }),
  bed('pelargonium', 'Pelargoniums and geraniums', 'Geraniaceae', { shape: 'flowering', bees: true }),
  bed('petunia', 'Petunias', 'Solanaceae', { shape: 'flowering', bees: true }),
  bed('pansy', 'Pansies and violas', 'Violaceae', { shape: 'flowering', bees: true }),
  bed('hosta', 'Hostas', 'Asparagaceae', { shape: 'flowering', bees: true }),
  bed('clematis', 'Clematis', 'Ranunculaceae', { shape: 'woody', bees: true, upright: true }),
  bed('peony', 'Peonies', 'Paeoniaceae', { shape: 'flowering', bees: true, upright: true }),
  bed('snapdragon', 'Snapdragons', 'Plantaginaceae', { shape: 'flowering', bees: true, upright: true }),
  bed('impatiens', 'Busy Lizzies', 'Balsaminaceae', { shape: 'flowering', bees: true }),
  bed('nasturtium', 'Nasturtiums', 'Tropaeolaceae', { shape: 'flowering', bees: true }),
  bed('primula', 'Primulas and cyclamen', 'Primulaceae', { shape: 'flowering', bees: true }),
];

/** Trees, shrubs and hedges. */
export const SHRUBS: readonly Host[] = [
  shrub('box', 'Box', 'Buxaceae', { shape: 'evergreen', bees: true, upright: true }),
  shrub('bay', 'Bay', 'Lauraceae', { shape: 'evergreen', crops: 'bay herbs', bees: true, upright: true, edible: true }),
  shrub('lavender', 'Lavender and rosemary', 'Lamiaceae', { shape: 'evergreen', crops: 'herbs', bees: true, upright: true, edible: true }),
  shrub('rhododendron', 'Rhododendrons, camellias and azaleas', 'Ericaceae', { shape: 'evergreen', bees: true }),
  shrub('viburnum', 'Viburnums', 'Viburnaceae', { shape: 'woody', bees: true }),
  shrub('hydrangea', 'Hydrangeas', 'Hydrangeaceae', { shape: 'evergreen', bees: true, flowersOn: true }),
  shrub('crape-myrtle', 'Crape myrtles', 'Lythraceae', { shape: 'evergreen', bees: true, upright: true }),
  shrub('maple', 'Maples', 'Sapindaceae', { shape: 'evergreen', upright: true }),
  shrub('oak', 'Oaks and beeches', 'Fagaceae', { shape: 'woody', upright: true }),
  shrub('ash-tree', 'Ashes, lilacs and privets', 'Oleaceae', { shape: 'evergreen', bees: true, upright: true }),
  shrub('birch', 'Birches, alders and hornbeams', 'Betulaceae', { shape: 'woody', upright: true }),
  shrub('willow', 'Willows and poplars', 'Salicaceae', { shape: 'evergreen', bees: true, upright: true }),
  shrub('hawthorn', 'Hawthorns, cotoneasters and firethorns', 'Rosaceae', { shape: 'woody', bees: true, upright: true }),
  shrub('flowering-cherry', 'Flowering cherries and cherry laurel', 'Rosaceae', { shape: 'woody', bees: true, upright: true }),
  shrub('conifer', 'Spruces, pines and junipers', 'Pinaceae', { shape: 'evergreen', upright: true }),
  shrub('holly', 'Hollies', 'Aquifoliaceae', { shape: 'woody', bees: true }),
  shrub('wisteria', 'Wisterias', 'Fabaceae', { shape: 'evergreen', bees: true }),
  shrub('elm', 'Elms', 'Ulmaceae', { shape: 'evergreen', upright: true }),
];
