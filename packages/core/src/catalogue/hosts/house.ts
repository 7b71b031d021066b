import type { Host } from '../schema';
import { host } from './host';

const house = (id: string, name: string, family: string, traits: Parameters<typeof host>[4]) => host('house', id, name, family, traits);

export const HOUSE: readonly Host[] = [
  house('orchid', 'Orchids', 'Orchidaceae', { shape: 'flowering' }),
  house('peperomia', 'Peperomias', 'Piperaceae', { shape: 'foliage', crops: 'house-plants' }),
  house('fern', 'Ferns', 'Polypodiaceae', { shape: 'foliage', crops: 'ferns house-plants' }),
  house('cactus', 'Cacti', 'Cactaceae', { shape: 'flowering', crops: 'succulents house-plants' }),
  house('succulent', 'Succulents and echeverias', 'Crassulaceae', { shape: 'flowering', crops: 'succulents house-plants' }),
  house('aloe', 'Aloes and snake plants', 'Asphodelaceae', { shape: 'foliage', crops: 'succulents house-plants' }),
  house('air-plant', 'Air plants and bromeliads', 'Bromeliaceae', { shape: 'flowering', crops: 'air-plants house-plants' }),
  house('monstera', 'Monsteras, pothos and peace lilies', 'Araceae', { shape: 'flowering', crops: 'house-plants' }),
  house('ficus', 'Ficus and rubber plants', 'Moraceae', { shape: 'foliage', crops: 'house-plants' }),
  house('palm', 'Palms', 'Arecaceae', { shape: 'foliage', crops: 'palms house-plants' }),
  house('dracaena', 'Dracaenas and spider plants', 'Asparagaceae', { shape: 'foliage', crops: 'house-plants' }),
  house('begonia', 'Begonias', 'Begoniaceae', { shape: 'flowering', crops: 'house-plants' }),
  house('african-violet', 'African violets', 'Gesneriaceae', { shape: 'flowering', crops: 'house-plants' }),
  house('hoya', 'Hoyas and stephanotis', 'Apocynaceae', { shape: 'flowering', crops: 'house-plants' }),
  house('ivy', 'Ivies and scheffleras', 'Araliaceae', { shape: 'foliage', crops: 'house-plants' }),
  house('poinsettia', 'Poinsettias and spurges', 'Euphorbiaceae', { shape: 'foliage', crops: 'house-plants' }),
];
