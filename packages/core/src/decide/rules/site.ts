import type { Rule } from '../types';

/** Indoors, tunnel or open air: only where the label says. A tunnel counts as under cover. */
export const site: Rule = (s, c) => {
  const under = s.planting.site !== 'outdoors';
  if (c.control.outdoorsOnly && under) {
    return { code: 'site', weight: 'never', sentence: 'It only makes sense in the open air.', inputs: [], source: { mark: 'CP' } };
  }
  if (s.planting.site === 'indoors' && c.sheet?.formulation === 'VP') {
    return {
      code: 'site',
      weight: 'never',
      sentence: 'Never in a house that is lived in: for a closed glasshouse only.',
      inputs: [{ name: 'Site', value: 'a room' }],
      source: { mark: 'CP' },
    };
  }
  if (!c.sheet || (under ? c.sheet.indoors : c.sheet.outdoors)) return null;
  return {
    code: 'site',
    weight: 'never',
    sentence: under ? 'This label is for outdoors only.' : 'This label is for indoors only.',
    inputs: [{ name: 'Site', value: s.planting.site }],
    source: { mark: 'CP' },
  };
};
