import { HOSTS, SIGNS, TROUBLES, type Host, type Sign } from '../catalogue';
import { canShow } from '../catalogue/pair';
import { hostWeight } from '../scout';

const CONIFERS = ['arborvitae', 'conifer', 'cypress', 'juniper', 'pine', 'spruce', 'yew'];

/** Words for what only some plants have, and those plants. */
const ONLY: readonly { readonly word: RegExp; readonly on: readonly string[] }[] = [
  { word: /(?<!root or )\btubers?\b/i, on: ['potato', 'sweet-potato', 'sunchoke', 'dahlia', 'cassava', 'ginger'] },
  { word: /\bneedles?\b(?!\?)/i, on: CONIFERS },
  { word: /\b(cobs?|kernels?|tassels?)\b/i, on: ['sweetcorn'] },
  { word: /\b(turf|the grass|grass tips)\b/i, on: ['lawn', 'ornamental-grass', 'sweetcorn'] },
  { word: /(?<!or )\bpods?\b/i, on: ['pea', 'broad-bean', 'french-bean', 'runner-bean', 'soybean', 'cowpea', 'chickpea', 'peanut', 'okra', 'moringa'] },
  { word: /\bspears?\b/i, on: ['asparagus'] },
  { word: /\bthe bulb\b|^bulb\b/i, on: ['onion', 'garlic', 'leek', 'chives', 'daffodil', 'lily', 'tulip', 'agapanthus'] },
];

/** Plants of which a sign would be asked for a part that they do not have. */
export const misfits = (signs: readonly Sign[] = SIGNS, hosts: readonly Host[] = HOSTS): { readonly sign: string; readonly host: string }[] =>
  signs.flatMap((sign) => {
    const rule = ONLY.find((r) => r.word.test(sign.question) || r.word.test(sign.name));
    if (!rule) return [];
    const shown = TROUBLES.filter((t) => t.signs[sign.id] !== undefined && t.signs[sign.id] !== 'never');
    return hosts
      .filter((h) => !h.stands && canShow(sign, h) && !rule.on.includes(h.id) && shown.some((t) => hostWeight(t, h) > 0))
      .map((h) => ({ sign: sign.id, host: h.id }));
  });
