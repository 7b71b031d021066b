import { inSentence } from '../../measure';
import { regionOf, statusIn, TROUBLES } from '../../catalogue';
import { hostWeight } from '../../scout/usual';
import type { Rule } from '../types';

const STINGING = TROUBLES.filter((t) => t.stings);
/** What is seen of caterpillars that could be any of several. */
const LIKE = ['tents', 'hairy-caterpillars', 'winter-nests', 'procession'];
/** By hand and with tools: rungs at which one comes near. */
const NEAR = 3;

/** Before hands go near tents or hairy caterpillars: what stings, and lives on this plant in these parts, is ruled out. */
export const stingingHairs: Rule = (s, c) => {
  const near = c.control.rung > 0 && c.control.rung <= NEAR && c.control.means.some((m) => m === 'hand' || m === 'clearing' || m === 'water');
  if (!near || s.trouble.stings || !s.seenSigns.some((id) => LIKE.includes(id))) return null;
  const region = regionOf({ ...s.place, country: s.country ?? '' });
  const may = STINGING.filter((t) => hostWeight(t, s.host) > 0 && statusIn(t.range, region) !== 'absent');
  const [first] = may;
  if (!first) return null;
  return {
    code: 'stinging-hairs',
    weight: 'note',
    sentence: `Hands off until it is sure that this is not ${inSentence(first.name)}: its hairs hurt skin, eyes and lungs for weeks. Gloves, goggles and long sleeves all the same.`,
    inputs: [],
    source: { mark: 'CP' },
  };
};
