import type { Batch, Reminder, ShedItem } from '../api';
import { instant, type Instant } from '../measure';
import { nextDue, type BatchTimes } from '../mix/bench';

const at = (iso: string | null): Instant | null => (iso === null ? null : instant(Date.parse(iso)));

/** The times of a batch as core goes by them. */
const timesOf = (b: Batch): BatchTimes => ({
  blended: at(b.blendedAt),
  thinned: at(b.thinnedAt),
  stirs: b.stirs.map((s) => instant(Date.parse(s))),
  ready: at(b.readyAt),
  tempC: b.tempC,
});

/** Soap that waits for a hand, and mix whose life is running out; what is due first is first. */
export function remindersFor(batches: readonly Batch[], mixes: readonly ShedItem[], now: Date): Reminder[] {
  const soap = batches.flatMap((b): Reminder[] => {
    const due = nextDue(timesOf(b));
    return due ? [{ kind: 'soap', id: b.id, title: b.name, text: due.text, at: new Date(due.at).toISOString() }] : [];
  });
  const mix = mixes
    .filter((m) => m.amount > 0 && m.useBy !== null)
    .map((m): Reminder => {
      const over = Date.parse(m.useBy ?? '') <= now.getTime();
      return {
        kind: 'mix',
        id: m.id,
        title: m.name,
        text: over
          ? 'Past its life: do not spray it. It is waste now, and goes where the label says.'
          : 'Left-over mix: spray it out over the same plants, within the label rate, or it becomes waste.',
        at: m.useBy ?? '',
      };
    });
  return [...soap, ...mix].sort((a, b) => a.at.localeCompare(b.at));
}
