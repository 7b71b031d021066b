import type { Locator } from '@playwright/test';
import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { freshLap, type SeasonView, type Treatment } from '../../packages/core/src/api';
import { instant } from '../../packages/core/src/measure';
import { dayOf } from '../../packages/core/src/schedule';
import { factsOf, seasonOf } from '../../packages/core/src/season';
import { BEDS, CLEAN, CREEK_LOT, DAYS, FIRST, taken, typedOff, type Bed } from '../../packages/core/test/creek-lot';
import { expect, plant, put, settle, test, uuid } from '../../e2e/journeys/kit';
import { OUT } from './out';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const iso = (ms: number) => new Date(ms).toISOString();

/** A season as somebody has it who looks at Today each afternoon, reads the thermometer and the gauge, and does what is due in the evening. */
test('two hundred days on the phone: what is due stands on Today on its day, or it is said why it waits', async ({ page, server }) => {
  await settle(page, server, { ...CREEK_LOT, now: iso(FIRST) });
  const get = async <T>(path: string) => (await (await page.request.get(`/api/v1${path}`)).json()) as T;
  const cases = new Map<string, Bed & { readonly plantingId: string }>();
  const lookAt = (plantingId: string, at: number, more: object = {}) => {
    const id = uuid();
    return put(page, `/looks/${id}`, { id, plantingId, caseId: null, at: iso(at), answers: [], count: { affected: 6, looked: 30 }, note: '', ...more });
  };
  for (const bed of BEDS) {
    const plantingId = await plant(page, { name: bed.name, hostId: bed.hostId, areaM2: bed.areaM2, pickFrom: bed.pickFrom, pickUntil: bed.pickUntil });
    const { id: lookId } = await lookAt(plantingId, FIRST - HOUR);
    const id = uuid();
    await put(page, `/cases/${id}`, {
      id,
      revision: 0,
      plantingId,
      troubleId: bed.troubleId,
      confidence: 1,
      lookId,
      purpose: 'seen',
      stageSeen: null,
      openedAt: iso(FIRST - HOUR),
      status: 'open',
      closedAt: null,
      laps: [{ ...freshLap(), controlId: bed.controlId, decidedAt: iso(FIRST - HOUR / 2), mixedAt: iso(FIRST - HOUR / 2) }],
    });
    cases.set(id, { ...bed, plantingId });
  }
  const leeks = [...cases].find(([, c]) => c.name === 'Leeks')?.[0] ?? '';

  const result = { days: 0, rounds: 0, shown: 0, waits: 0, missing: [] as string[], broke: [] as string[] };
  /** The house is opened anew; nothing of a page is still on its way to it then. */
  const openAt = async (at: number) => {
    await page.goto('about:blank');
    await server.restart(iso(at));
  };
  for (let n = 0; n < DAYS; n++) {
    const now = FIRST + n * DAY;
    await openAt(now);
    const today = dayOf(instant(now), CREEK_LOT.zone);
    if (CLEAN.some((d) => d === n)) await lookAt(cases.get(leeks)?.plantingId ?? '', now - HOUR, { caseId: leeks, count: { affected: 0, looked: 30 } });
    await page.goto('/');
    // whoever reads the screen first presses nothing that still moves
    await page.waitForLoadState('networkidle');
    const typed = typedOff(n);
    await page.getByRole('button', { name: /^Thermometer and gauge/ }).click();
    await page.getByLabel('Least', { exact: false }).fill(typed.least);
    await page.getByLabel('Most', { exact: false }).fill(typed.most);
    await page.getByLabel('Rain', { exact: false }).fill(typed.rain);
    if (typed.rain !== '0') await page.getByRole('radio', { name: 'In the night' }).click();
    await page.getByRole('button', { name: 'Keep what was read' }).click();
    await expect(page.getByRole('button', { name: 'Keep what was read' })).toBeHidden();

    const s = seasonOf(factsOf(await get<SeasonView>('/season')));
    expect(s.today).toBe(today);
    for (const c of s.courses) {
      const bed = cases.get(c.caseId) as Bed & { plantingId: string };
      const round = c.rounds.find((r) => r.day === today);
      const due = c.state === 'on' && c.dueOn !== null && c.dueOn <= today;
      const stands = (what: Locator) =>
        what
          .first()
          .waitFor({ timeout: 10_000 })
          .then(() => true)
          .catch(() => false);
      if (round) {
        result.rounds++;
        // before its first round it stands there with its hours, as something that was decided
        const seen = await stands(
          c.done.length === 0
            ? page.getByText(new RegExp(`^Open hours: .*, ${bed.name.toLowerCase()}$`))
            : page.getByRole('button', { name: new RegExp(`^${bed.name}, ${round.number}\\w\\w round`) }).filter({ hasText: 'today' }),
        );
        if (seen) result.shown++;
        else result.missing.push(`${today} ${bed.name}: round ${String(round.number)}`);
      } else if (due || c.state === 'waits') {
        // what can not be done today: it is said why, on the screen of the season
        result.waits++;
        const why = c.closed.find((x) => x.day === today)?.why ?? c.rounds[0]?.why ?? c.why ?? '';
        if (why.length < 10) result.missing.push(`${today} ${bed.name}: no reason`);
      }
    }
    for (const c of s.courses) {
      const round = c.rounds.find((r) => r.day === today);
      const bed = cases.get(c.caseId);
      if (!round || !bed) continue;
      await openAt(round.to + 60_000);
      const id = uuid();
      const kept = (await put(page, `/treatments/${id}`, {
        id,
        caseId: c.caseId,
        plantingId: bed.plantingId,
        controlId: bed.controlId,
        finishedAt: iso(round.to),
        areaM2: bed.areaM2,
        ...taken(bed),
        by: 'You',
        why: '',
      })) as unknown as Treatment;
      result.broke.push(...kept.broke.map((b) => `${today} ${bed.name}: ${b}`));
    }
    result.days++;
    mkdirSync(dirname(OUT), { recursive: true });
    writeFileSync(OUT, JSON.stringify(result));
  }
  expect([result.missing, result.broke]).toEqual([[], []]);
  expect(result.shown).toBe(result.rounds);
});
