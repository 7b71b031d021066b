import type { Case, CaseDetail, Garden, Lap, Planting } from '../api';
import { findTroubleCard } from '../catalogue/cards';
import { thresholdFor } from '../scout/count';
import { afterCount, hasHelped, type Again } from '../decide/again';
import { lineOf } from '../label';
import { instant, type Instant } from '../measure';
import { timesLeft } from '../schedule';

/** Controls that this case left behind because they were carried out as meant and did not do. */
export const failedIn = (c: Case): string[] =>
  c.laps.flatMap((l, i) => {
    const next = c.laps[i + 1];
    return l.controlId && l.treatmentId && next && next.controlId !== l.controlId && l.effectPercent !== null && !hasHelped(l.effectPercent / 100)
      ? [l.controlId]
      : [];
  });

/**
 * What to do after the last round of a case, the most fitting first.
 * @returns null before anything was done
 */
export function againFor({ case: c, looks, treatments }: CaseDetail, planting: Planting | undefined, now: Instant, garden: Garden): Again | null {
  const { zone } = garden;
  const lap = c.laps.at(-1);
  const trouble = findTroubleCard(c.troubleId);
  const last = treatments.find((t) => t.id === lap?.treatmentId);
  if (!lap?.controlId || !trouble || !last) return null;
  const line = lineOf(last);
  const rounds = treatments.filter((t) => t.controlId === lap.controlId && t.struck === null);
  const done = rounds.map((t) => instant(Date.parse(t.finishedAt)));
  const count = [...looks].reverse().find((l) => l.count && l.at > last.finishedAt)?.count;
  return afterCount({
    controlId: lap.controlId,
    troubleId: c.troubleId,
    done,
    labelDays: line?.intervalDays ?? 0,
    timesLeft: timesLeft(line?.maxPerSeason, done, now, zone),
    effect: lap.effectPercent === null ? null : lap.effectPercent / 100,
    share: count ? count.affected / count.looked : null,
    worthIt: thresholdFor(trouble.threshold.share, planting?.tolerance ?? 'usual'),
    now,
    zone,
    where: garden,
  });
}

/** Which round of its course a lap is: counted from the lap on which its control was taken. @param i its place */
export function roundNumber(laps: readonly Lap[], i: number): number {
  const own = laps[i]?.controlId ?? null;
  let first = i;
  while (own !== null && first > 0 && laps[first - 1]?.controlId === own && laps[first - 1]?.treatmentId) first--;
  return i - first + 1;
}
