import type { Garden, SeasonView, Today, Treatment } from '@sleetbrook/core/api';
import { brokenLimits } from '@sleetbrook/core/programme';
import { addDays, dayOf, dayStart } from '@sleetbrook/core/schedule';
import { factsOf, seasonOf, type Season } from '@sleetbrook/core/season';
import { instant } from '@sleetbrook/core/measure';
import { freshLap } from '@sleetbrook/core/api';
import { BEDS, CLEAN, CREEK_LOT, DAYS, FIRST, readOff, taken, type Bed } from '../../core/test/creek-lot';
import { runs } from '../../core/test/runs';
import { caseOf, harness, look, planting, treatment } from './harness';

const API = '/api/v1';
const ZONE = CREEK_LOT.zone;
const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const iso = (ms: number) => new Date(ms).toISOString();

/** In the short form until shortly after the leeks are clean. */
const SHOWN = runs(DAYS, 125);

/** The rounds of a season as its model counts them. */
const planned = (s: Season) =>
  s.courses.flatMap((c) =>
    c.rounds.map((r) => {
      const quarter = (at: number) => Math.round((at - dayStart(r.day, ZONE)) / (HOUR / 4));
      return { course: c.caseId, day: (Date.parse(r.day) - Date.parse(s.today)) / DAY, start: quarter(r.from), end: quarter(r.to) };
    }),
  );

// A garden in New York state from May to November: a thermometer and a gauge are read each day, the sky is looked at on
// some, what is due is done on its evening and written down; the house is opened anew each day, at that day's hour.
test('two hundred days of one garden, by readings: no rule is broken, and what is due is shown on its day', async () => {
  const h = harness({ demo: false, now: iso(FIRST) });
  let api = h.start();
  const get = async <T>(path: string) => (await api.get(`${API}${path}`).expect(200)).body as T;
  const put = async <T>(path: string, body: object) => {
    const res = await api.put(`${API}${path}`).send(body);
    expect([path, res.status, res.status === 200 ? null : res.body]).toEqual([path, 200, null]);
    return res.body as T;
  };
  await put('/garden', {
    ...(await get<Garden>('/garden')),
    ...CREEK_LOT,
    setUp: true,
  });
  const cases = new Map<string, Bed & { readonly plantingId: string }>();
  for (const bed of BEDS) {
    const p = planting({ name: bed.name, hostId: bed.hostId, stage: 'growing', areaM2: bed.areaM2, pickFrom: bed.pickFrom, pickUntil: bed.pickUntil });
    await put(`/plantings/${p.id}`, p);
    const seen = look(p.id, { at: iso(FIRST - HOUR), answers: [] });
    await put(`/looks/${seen.id}`, seen);
    const lap = { ...freshLap(), controlId: bed.controlId, decidedAt: iso(FIRST - HOUR / 2) };
    const c = caseOf(p.id, seen.id, { troubleId: bed.troubleId, openedAt: iso(FIRST - HOUR), laps: [lap] });
    await put(`/cases/${c.id}`, c);
    cases.set(c.id, { ...bed, plantingId: p.id });
  }
  const leeks = [...cases].find(([, c]) => c.name === 'Leeks')?.[0] ?? '';

  let done = 0;
  let putOff = 0;
  for (let n = 0; n < SHOWN; n++) {
    const now = FIRST + n * DAY;
    api = h.restart(iso(now));
    const today = dayOf(instant(now), ZONE);
    await put(`/readings/${today}`, {
      id: today,
      revision: 0,
      at: iso(now),
      ...readOff(n),
    });
    if (n === CLEAN[0] || n === CLEAN[1]) {
      // two counts running that find none
      const clean = look(cases.get(leeks)?.plantingId ?? '', { caseId: leeks, at: iso(now - HOUR), answers: [], count: { affected: 0, looked: 30 } });
      await put(`/looks/${clean.id}`, clean);
    }
    const s = seasonOf(factsOf(await get<SeasonView>('/season')));
    expect(s.today).toBe(today);
    expect([today, brokenLimits(s.model, planned(s))]).toEqual([today, []]);
    const waiting = await get<Today>('/today');
    for (const c of s.courses) {
      if (n > CLEAN[1] && c.caseId === leeks) {
        expect([today, c.state, c.rounds]).toEqual([today, 'over', []]);
        continue;
      }
      const due = c.state === 'on' && c.dueOn !== null && c.dueOn <= today;
      // what is due is there today, or it is said why it is not
      if (due && !c.rounds.some((r) => r.day === today)) {
        const why = c.closed.find((x) => x.day === today)?.why ?? c.rounds[0]?.why ?? c.why ?? '';
        expect([today, c.plantingName, why.length > 10]).toEqual([today, c.plantingName, true]);
        if (!c.closed.some((x) => x.day === today)) putOff++;
      }
    }
    for (const c of s.courses) {
      const round = c.rounds.find((r) => r.day === today);
      const bed = cases.get(c.caseId);
      if (!round || !bed) continue;
      // nothing that keeps out or waits stands against it
      expect(waiting.keepOut.filter((k) => k.plantingId === bed.plantingId)).toEqual([]);
      api = h.restart(iso(round.to + 60_000));
      const onIt = treatment(bed.plantingId, c.caseId, {
        controlId: bed.controlId,
        finishedAt: iso(round.to),
        areaM2: bed.areaM2,
        ...taken(bed),
      });
      const kept = await put<Treatment>(`/treatments/${onIt.id}`, onIt);
      expect([today, bed.name, kept.broke]).toEqual([today, bed.name, []]);
      if (kept.pickFrom !== null)
        expect(Date.parse(kept.pickFrom)).toBeLessThanOrEqual(Math.max(Date.parse(`${addDays(bed.pickFrom, 1)}T00:00:00Z`), round.to + 2 * DAY));
      done++;
    }
  }
  expect(done).toBeGreaterThan(SHOWN / 14);
  // a day that is open is let go only where that saves an evening
  expect(putOff).toBeLessThan(done / 2);
  h.stop();
}, 300_000);
