import type { Change, Situation } from './types';

/**
 * Whether any flower may be open on the plants. Many flower on while they fruit: there "in fruit" does not say that
 * none is, and it counts as open until somebody looked and found none.
 */
export const flowersOpen = (s: Pick<Situation, 'planting' | 'host'>): boolean =>
  s.planting.stage === 'flowering' || (s.planting.stage === 'fruiting' && s.host.flowersOn && !s.planting.about.includes('no-flower-open'));

/** Somebody looked, and no flower is open. */
export const NONE_OPEN: Change = { code: 'no-flower-open', label: 'I looked: no flower is open', withAbout: 'no-flower-open' };

/** The petals have fallen; where plants flower on, none is open either. */
export const petalsFallen = ({ host }: Pick<Situation, 'host'>): Change => ({
  code: 'petals',
  label: 'Wait until the petals have fallen',
  planting: { stage: 'fruiting' },
  ...(host.flowersOn ? { withAbout: 'no-flower-open' as const } : {}),
});
