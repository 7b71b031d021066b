import type { Rule } from '../types';

/** An upright tip chafes off under a cover that lies on it. */
export const coverTips: Rule = (s, c) =>
  c.control.covers && s.host.uprightTips
    ? { code: 'cover-tips', weight: 'note', sentence: 'Upright tips chafe off under it: hoops, so that nothing touches.', inputs: [], source: { mark: 'CP' } }
    : null;
