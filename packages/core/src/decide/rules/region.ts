import { isTurf } from '../../catalogue/pair';
import { allowedIn } from '../../label';
import type { Rule } from '../types';

/** Where a material is not, or not by everybody, allowed: closed where the garden's country bars it, else asked. */
export const region: Rule = (s, c) => {
  const use = { eaten: s.planting.edible, indoors: s.planting.site === 'indoors', turf: isTurf(s.host) };
  const law = c.sheet && allowedIn(c.sheet, { country: s.country ?? null, region: s.region ?? null }, use);
  // asked once a pack: then the grower's own label decides
  const answered = c.sheet && s.allowedHere?.includes(`${c.sheet.id} ${c.sheet.version}`);
  if (!law || (law.is === 'ask' && answered)) return null;
  return law.is === 'ask'
    ? { code: 'region', weight: 'note', sentence: law.words, inputs: [], source: law.prov }
    : {
        code: 'region',
        weight: 'never',
        sentence: `${law.words} Take what you have to a hazardous-waste day, and choose another means.`,
        inputs: [{ name: 'Where', value: s.region ?? s.country ?? 'not set' }],
        source: law.prov,
      };
};
