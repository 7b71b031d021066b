import { COURSE_ON, freshLap, UNSET_GARDEN, type Case, type Garden, type Planting, type Treatment, type Warning } from '../src/api';
import { findControlCard } from '../src/catalogue/light';
import type { LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import { instant } from '../src/measure';
import type { CourseFacts, SeasonFacts } from '../src/season';
import type { HourlyWeather } from '../src/weather';

const HOUR = 3_600_000;
export const LARKFOLD: Garden = { ...UNSET_GARDEN, latitude: 54.9, longitude: -1.6, zone: 'Europe/London', country: 'GB', setUp: true };

/** So many days of weather from an instant on: mild, calm enough and dry, but where it is said otherwise. */
export const hoursFrom = (from: string, days: number, change: (at: Date) => Partial<HourlyWeather> = () => ({})): HourlyWeather[] =>
  Array.from({ length: days * 24 }, (_, i) => {
    const at = new Date(Date.parse(from) + i * HOUR);
    return { at: at.toISOString(), temperatureC: 15, humidityPct: 65, windMs: 2, cloud: 0.5, rainMm: 0, certainty: 'forecast', ...change(at) };
  });

/** A round as the record keeps it, out of the specimen of its control. */
export function treated(of: { id: string; caseId: string; planting: Planting; control: string; at: string; sheet?: LabelSheet; amount?: number }): Treatment {
  const sheet = of.sheet ?? findSheet(findControlCard(of.control)?.sheet ?? '') ?? null;
  return {
    id: of.id,
    caseId: of.caseId,
    plantingId: of.planting.id,
    controlId: of.control,
    troubleId: null,
    purpose: 'seen',
    mixId: null,
    made: null,
    sheetId: null,
    trunkCm: null,
    heightM: null,
    count: null,
    madeAt: null,
    finishedAt: of.at,
    areaM2: of.planting.areaM2,
    amount: of.amount ?? null,
    waterMl: null,
    leftMl: null,
    loads: [],
    slips: [],
    by: 'You',
    why: '',
    corrects: null,
    plantingName: of.planting.name,
    crop: of.planting.hostId,
    place: '',
    controlName: of.control,
    sheet,
    lineId: sheet?.lines[0]?.id ?? null,
    weather: null,
    keepOutUntil: null,
    pickFrom: null,
    pickUnknown: false,
    broke: [],
    struck: null,
    working: [],
    recordedAt: of.at,
  };
}

/** A case that has decided on a control, with its rounds so far. */
export function courseFacts(of: {
  id: string;
  planting: Planting;
  trouble: string;
  control: string;
  done?: readonly string[];
  change?: Partial<Case>;
  clean?: number;
  also?: readonly Treatment[];
}): CourseFacts {
  const found: Case = {
    id: of.id,
    revision: 1,
    plantingId: of.planting.id,
    troubleId: of.trouble,
    confidence: 1,
    lookId: null,
    purpose: 'seen',
    stageSeen: null,
    openedAt: '2026-06-01T08:00:00.000Z',
    status: 'open',
    closedAt: null,
    laps: [{ ...freshLap(), controlId: of.control, decidedAt: '2026-06-01T08:00:00.000Z' }],
    course: COURSE_ON,
    ...of.change,
  };
  const rounds = (of.done ?? []).map((at, i) => treated({ id: `${of.id}-${String(i)}`, caseId: of.id, planting: of.planting, control: of.control, at }));
  return {
    case: found,
    planting: of.planting,
    treatments: [...(of.also ?? []), ...rounds].sort((a, b) => a.finishedAt.localeCompare(b.finishedAt)),
    seenSigns: [],
    cleanCounts: of.clean ?? 0,
    share: null,
  };
}

export const seasonFacts = (now: string, courses: readonly CourseFacts[], of: Partial<SeasonFacts> = {}): SeasonFacts => ({
  now: instant(Date.parse(now)),
  garden: LARKFOLD,
  courses,
  sheets: [],
  hours: [],
  warnings: [] as Warning[],
  keepOut: [],
  confirmations: [],
  shed: [],
  ...of,
});
