import type { Today } from '../api';
import { findTroubleCard } from '../catalogue/light';
import { inSentence, instant, type Instant } from '../measure';
import type { LocalDay } from '../schedule';
import type { Season } from './types';

/** Something for a calendar. The same matter has the same id wherever it is moved. */
export interface CalendarEvent {
  readonly uid: string;
  /** A moment, or a whole day. */
  readonly at: { readonly from: Instant; readonly to: Instant } | { readonly day: LocalDay };
  readonly title: string;
  readonly text: string;
  readonly place: string;
  /** Minutes before it that it rings; null: it does not. */
  readonly ringsMin: number | null;
  /** What is not sure yet is put in as such. */
  readonly sure: boolean;
}

const HALF_HOUR = 30 * 60_000;
const RINGS_MIN = 60;
const TH: Readonly<Record<number, string>> = { 1: '1st', 2: '2nd', 3: '3rd' };

/**
 * Everything that waits for a hand: rounds of courses, looks, soap to stir, mix to use up, dust to rinse off; and from
 * when plants may be gone to and picked. Texts say enough to go by without the application.
 */
export function eventsOf(season: Season, today: Today, placeOf: (plantingId: string) => string): CalendarEvent[] {
  const rounds = season.courses.flatMap((c) =>
    c.rounds.map((r): CalendarEvent => ({
      uid: `round-${c.caseId}-${String(r.number)}`,
      at: { from: r.from, to: r.to },
      title: `${c.plantingName}: ${TH[r.number] ?? `${String(r.number)}th`} round, ${inSentence(c.controlName)}`,
      text: `${r.why} ${c.words} ${c.ends} ${r.sure === 'unknown' ? 'The weather of that day was not known when this was written: look at the sky first.' : 'By the weather as it was foretold: look at the sky before mixing.'} The label decides.`,
      place: placeOf(c.plantingId),
      ringsMin: RINGS_MIN,
      sure: r.sure !== 'unknown',
    })),
  );
  const looks = today.openCases.flatMap((c): CalendarEvent[] => {
    const on = c.laps.at(-1)?.lookAgainOn;
    if (!on || c.laps.at(-1)?.afterLookId) return [];
    const day = on < season.today ? season.today : on;
    const name = findTroubleCard(c.troubleId)?.name ?? c.troubleId;
    return [
      {
        uid: `look-${c.id}-${String(c.laps.length)}`,
        at: { day },
        title: `Look again: ${inSentence(name)}`,
        text: 'Count the same way as before: the count says whether it worked.',
        place: placeOf(c.plantingId),
        ringsMin: null,
        sure: true,
      },
    ];
  });
  const waits = today.reminders
    // rounds are told by the programme, and what rain took or has to dry is no appointment
    .filter((r) => r.kind !== 'round' && r.kind !== 'rain' && r.kind !== 'dry')
    .map((r): CalendarEvent => {
      const from = instant(Date.parse(r.at));
      return { uid: `${r.kind}-${r.id}`, at: { from, to: instant(from + HALF_HOUR) }, title: r.title, text: r.text, place: '', ringsMin: 0, sure: true };
    });
  const clocks = (list: Today['keepOut'], kind: string, title: (name: string) => string, text: string) =>
    list.flatMap((k): CalendarEvent[] => {
      if (k.until === null) return [];
      const from = instant(Date.parse(k.until));
      return [
        {
          uid: `${kind}-${k.treatmentId}`,
          at: { from, to: instant(from + HALF_HOUR) },
          title: title(k.plantingName),
          text: `${k.controlName}. ${text}`,
          place: k.place,
          ringsMin: 0,
          sure: true,
        },
      ];
    });
  return [
    ...rounds,
    ...looks,
    ...waits,
    ...clocks(today.keepOut, 'keep-out', (n) => `${n}: may be gone to again`, 'Nobody goes in before, as its label says.'),
    ...clocks(today.notToEat, 'pick', (n) => `${n}: may be picked from now`, 'Nothing is picked to eat before, as its label says.'),
  ];
}
