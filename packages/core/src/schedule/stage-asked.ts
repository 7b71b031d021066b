import type { LocalDay } from './local-day';

/** Days for which a stage is taken as it was said; after that somebody is asked. From memory. */
export const STAGE_HOLDS_DAYS = { seedling: 35, growing: 120, flowering: 28, fruiting: 75, dormant: 150 } as const;

/**
 * Whether it is time to ask if a planting still is at its stage: many rules go by it, and it does not move by itself.
 * @param since the day on which it was said; null where that was never kept, and then nobody is asked
 * @example stageAsked('seedling', '2026-05-12', '2026-06-16') // true
 */
export const stageAsked = (stage: keyof typeof STAGE_HOLDS_DAYS, since: LocalDay | null, today: LocalDay): boolean =>
  since !== null && (Date.parse(`${today}T00:00:00Z`) - Date.parse(`${since}T00:00:00Z`)) / 86_400_000 >= STAGE_HOLDS_DAYS[stage];
