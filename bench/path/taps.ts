import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../../e2e/chromium';
import { TestServer } from '../../e2e/server';

const FIRST = '2026-06-13T00:30:00Z';
const SECOND = '2026-06-20T00:30:00Z';

const uuid = (n: number) => `0197b000-0000-7000-8000-${String(n).padStart(12, '0')}`;

async function put(page: Page, path: string, body: unknown): Promise<void> {
  const answer = await page.request.put(`/api/v1${path}`, { data: body });
  if (!answer.ok()) throw new Error(`${path}: ${await answer.text()}`);
}

/** A US garden with one round of Bt on beans behind it: what a grower has a week later. */
async function oneRoundDone(page: Page): Promise<void> {
  const garden = (await (await page.request.get('/api/v1/garden')).json()) as object;
  await put(page, '/garden', { ...garden, name: 'Taps', latitude: 41.6, longitude: -93.6, zone: 'America/Chicago', units: 'us', setUp: true });
  await put(page, `/sprayers/${uuid(1)}`, { id: uuid(1), revision: 0, name: 'Sprayer', capacityMl: 3785.411784, forWeedkiller: false, calibrations: [] });
  const facts = { place: '', site: 'outdoors', stage: 'growing', edible: true, dense: false, tolerance: 'usual', heightM: null, trunkCm: null, about: [] };
  await put(page, `/plantings/${uuid(2)}`, {
    id: uuid(2),
    revision: 0,
    name: 'Kale',
    hostId: 'kin-brassicaceae',
    areaM2: 10,
    pickFrom: null,
    pickUntil: null,
    ...facts,
  });
  const lap = { controlId: 'bt-spray', sheetId: null, also: [], whyHigher: 'Too many', decidedAt: FIRST, mixedAt: FIRST, plannedFor: FIRST, treatmentId: null };
  await put(page, `/cases/${uuid(3)}`, {
    id: uuid(3),
    revision: 0,
    plantingId: uuid(2),
    troubleId: 'cabbage-white',
    confidence: 1,
    lookId: null,
    purpose: 'upkeep',
    stageSeen: null,
    openedAt: FIRST,
    status: 'open',
    closedAt: null,
    laps: [{ ...lap, lookAgainOn: null, afterLookId: null, effectPercent: null }],
  });
  const done = {
    id: uuid(4),
    caseId: uuid(3),
    plantingId: uuid(2),
    controlId: 'bt-spray',
    finishedAt: FIRST,
    areaM2: 10,
    amount: 0.7,
    waterMl: 1000,
    by: 'You',
    why: '',
  };
  await put(page, `/treatments/${uuid(4)}`, done);
}

/**
 * Taps from Today to the first card of the same treatment once more, counted in the real interface: only what a thumb
 * presses, whichever of its ways the screen offers first.
 */
export async function tapsToRepeat(): Promise<number> {
  const server = new TestServer(false);
  await server.start(FIRST);
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 }, baseURL: server.base });
    await oneRoundDone(page);
    await server.restart(SECOND);
    const rows = Array.from({ length: 21 * 24 }, (_, i) => `${new Date(Date.parse('2026-06-13T00:00:00Z') + i * 3_600_000).toISOString()},17,60,1.8,0,0.6`);
    const loaded = await page.request.put('/api/v1/weather/file', {
      headers: { 'Content-Type': 'text/csv' },
      data: ['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...rows].join('\n'),
    });
    if (!loaded.ok()) throw new Error(await loaded.text());
    await page.goto('/');
    let taps = 0;
    const tap = async (name: RegExp) => {
      await page.getByRole('button', { name }).first().click();
      taps += 1;
    };
    await tap(/^Kale.*(round 2|count again)/);
    await tap(/^The same again/);
    await tap(/^(Now is open|Plan it for)/);
    await tap(/^Start measuring/);
    await page.getByText(/^Step 1 of/).waitFor();
    return taps;
  } finally {
    await browser.close();
    await server.stop();
  }
}
