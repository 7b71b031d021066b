import { expect, type Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { STARTER_KITS } from '../../packages/core/src/measure';
import { test as base } from '../fixtures';
import { TestServer } from '../server';

/** A garden that has nothing in it yet, somewhere in the world. */
export interface Place {
  readonly name: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly zone: string;
  /** Its two letters. */
  readonly country?: string;
  readonly units: 'metric' | 'us' | 'imperial' | 'australian';
  /** When the story begins. */
  readonly now: string;
  readonly policy?: 'organic' | 'any-labelled';
  readonly homeMade?: 'allowed' | 'not-known';
}

/** A server without the demonstration; its clock stands still, or runs. */
export const test = base.extend<{ running: boolean }>({
  demo: false,
  running: [false, { option: true }],
  server: async ({ running, port }, give) => {
    // `settle` starts it at the hour of its story
    const server = new TestServer(false, running, {}, port);
    await give(server);
    await server.stop();
  },
});
export { expect };

export const put = async (page: Page, path: string, body: unknown) => {
  const response = await page.request.put(`/api/v1${path}`, { data: body });
  expect(response.ok(), `${path}: ${await response.text()}`).toBe(true);
  return (await response.json()) as Record<string, unknown>;
};
export const uuid = () => {
  // version 7: the house gives ids by time
  const hex = Date.now().toString(16).padStart(12, '0');
  return `${hex.slice(0, 8)}-${hex.slice(8)}-7${randomUUID().slice(15)}`;
};

/** Sets the garden up, as the set-up screens would have kept it. */
export async function settle(page: Page, server: TestServer, place: Place): Promise<void> {
  await server.restart(place.now);
  const garden = (await (await page.request.get('/api/v1/garden')).json()) as Record<string, unknown>;
  const { name, latitude, longitude, zone, country = '', units, policy = 'any-labelled', homeMade = 'allowed' } = place;
  await put(page, '/garden', {
    ...garden,
    name,
    latitude,
    longitude,
    zone,
    country,
    units,
    policy,
    homeMade,
    measures: STARTER_KITS[units],
    emergencyNumber: '112',
    setUp: true,
  });
}

/** One kind of plant in one place. @returns its id */
export async function plant(page: Page, facts: Record<string, unknown>): Promise<string> {
  const id = uuid();
  await put(page, `/plantings/${id}`, {
    id,
    revision: 0,
    place: '',
    site: 'outdoors',
    stage: 'growing',
    edible: true,
    dense: false,
    tolerance: 'usual',
    areaM2: 4,
    heightM: null,
    trunkCm: null,
    about: [],
    pickFrom: null,
    pickUntil: null,
    ...facts,
  });
  return id;
}

export async function sprayer(page: Page, name: string, capacityMl: number): Promise<void> {
  const id = uuid();
  await put(page, `/sprayers/${id}`, { id, revision: 0, name, capacityMl, forWeedkiller: false, calibrations: [] });
}

/** One hour of a file of weather, where it is not a mild, dry, still one. */
export interface HourOf {
  readonly t?: number;
  readonly rh?: number;
  readonly wind?: number;
  readonly rain?: number;
}

/** Hours from one on, as a station or a forecast gives them in a file. */
export function hoursCsv(from: string, hours: number, of: (i: number) => HourOf = () => ({})): string {
  const rows = Array.from({ length: hours }, (_, i) => {
    const { t = 15, rh = 65, wind = 1.8, rain = 0 } = of(i);
    return `${new Date(Date.parse(from) + i * 3_600_000).toISOString()},${t},${rh},${wind},${rain},0.6`;
  });
  return ['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...rows].join('\n');
}

/** Loads a file of hours: a forecast, or weather that was. */
export async function weatherFile(page: Page, from: string, hours: number, of?: (i: number) => HourOf): Promise<void> {
  const response = await page.request.put('/api/v1/weather/file', { headers: { 'Content-Type': 'text/csv' }, data: hoursCsv(from, hours, of) });
  expect(response.ok(), await response.text()).toBe(true);
}

/** Mild, dry, still weather of so many days, and of the fortnight before them. */
export async function fairWeather(page: Page, from: string, days: number, { t = 17, rh = 60 }: HourOf = {}): Promise<void> {
  const before = new Date(Date.parse(from) - 15 * 86_400_000).toISOString();
  await weatherFile(page, before, (days + 15) * 24, () => ({ t, rh }));
}

/** What can be pressed and read now: for finding one's way while a journey is written. */
export async function see(page: Page): Promise<void> {
  const text = await page.locator('body').innerText();
  const names = await page.getByRole('button').evaluateAll((all) => all.map((b) => b.getAttribute('aria-label') ?? b.textContent));
  process.stdout.write(`\n--- ${page.url()}\n${text}\n   [${names.join('] [')}]\n`);
}

const NEXT = /^(It is so|All of it is on|It is clean|Measured|Done|This load is out|Done: write it down|Done: next|All of it is on)$/;

/** All cards of a running mix, every gate ticked. @returns the titles of the cards */
export async function allCards(page: Page): Promise<string[]> {
  const titles: string[] = [];
  await expect(page.getByText(/^Step 1 of \d+$/)).toBeVisible();
  for (;;) {
    const step = page.getByText(/^Step \d+ of \d+$/);
    if (!(await step.isVisible())) break;
    const said = await step.innerText();
    titles.push((await page.getByRole('heading').allInnerTexts()).join(' '));
    for (const box of await page.getByRole('checkbox').all()) if ((await box.getAttribute('aria-checked')) !== 'true') await box.click();
    const next = page.getByRole('button', { name: NEXT });
    await next.click();
    await expect(page.getByText(said, { exact: true })).toBeHidden();
  }
  return titles;
}

/** What a label sheet of one's own has that the specimen has not; the rest stays as the specimen says. */
export interface OwnLabel {
  readonly from: string;
  readonly name: string;
  readonly rate: string;
  readonly water?: string;
  /** Changes in the panel of the line. */
  readonly line?: (page: Page) => Promise<void>;
  readonly form?: (page: Page) => Promise<void>;
  /** What is looser than the specimen, and meant. */
  readonly looser?: RegExp;
}

/** Types a label in as it is printed. */
export async function typeLabel(page: Page, own: OwnLabel): Promise<void> {
  await page.goto(`/shed/new?from=${own.from}`);
  await fillLabel(page, own);
  await expect(page.getByRole('heading', { name: own.name })).toBeVisible();
}

/** The form of a label sheet, however it was come by. */
export async function fillLabel(page: Page, own: OwnLabel): Promise<void> {
  await page.getByLabel('Name', { exact: true }).fill(own.name);
  await own.form?.(page);
  await page
    .getByRole('button', { name: /Against/ })
    .first()
    .click();
  const rate = page.getByLabel('Rate, as printed');
  await rate.fill(own.rate);
  await page.getByLabel('Water, as printed').fill(own.water ?? '');
  await own.line?.(page);
  await expect(page.getByText(/^Understood: /)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('checkbox', { name: 'I compared every figure with the label in my hand' }).click();
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  if (!own.looser) return;
  await expect(page.getByText(own.looser).first()).toBeVisible();
  await page.getByRole('checkbox', { name: 'My label does say so, all of it' }).click();
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
}

/** From a planting to an open case, tapping what was seen. */
export async function openCase(page: Page, plantingId: string, part: string, signs: readonly string[], count: readonly [string, string]): Promise<void> {
  await page.goto(`/look/${plantingId}`);
  // a look that was begun is gone on with
  const begin = page.getByRole('button', { name: part, exact: true });
  await begin
    .or(page.getByRole('tab', { name: part, exact: true }))
    .first()
    .click();
  for (const s of signs) {
    // "Stem: Cottony tufts" is looked for on another part
    const [elsewhere, name] = s.includes(': ') ? (s.split(': ') as [string, string]) : [null, s];
    if (elsewhere) await page.getByRole('tab', { name: elsewhere, exact: true }).click();
    const sign = page.getByRole('button', { name: new RegExp(`^${name}`) }).first();
    await page.getByLabel('Find a sign').fill(name);
    await sign.click();
    await page.getByLabel('Find a sign').fill('');
  }
  await page.getByLabel(/ with it$/).fill(count[0]);
  await page.getByLabel(/ looked at$/).fill(count[1]);
  const sure = page.getByRole('button', { name: /: decide$/ });
  const all = page.getByRole('button', { name: 'Take it as that all the same' });
  await expect(sure.or(all).first()).toBeVisible();
  await sure.or(all).first().click();
  await expect(page).toHaveURL(/\/cases\//);
}

/** Takes a control from the ladder, with a reason where one is asked. */
export async function take(page: Page, control: RegExp, reason = 'It is what I have'): Promise<void> {
  await page.getByRole('button', { name: control }).first().click();
  await page.getByRole('dialog').getByRole('button').first().click();
  await expect(page.getByRole('dialog')).toBeHidden();
  // the bar at the thumb now names what was chosen
  await page.getByRole('button').last().click();
  const why = page.getByLabel('Your reason');
  const mix = page.getByRole('heading', { name: 'Mix', exact: true });
  await expect(why.or(mix).first()).toBeVisible();
  if (await why.isVisible()) {
    await why.fill(reason);
    await page.getByRole('button', { name: /^Take / }).click();
  }
}

/** The next answers to requests like this are lost on the way: the server has done its part, the page never hears. */
export async function loseAnswers(page: Page, method: string, path: RegExp, times = 1): Promise<void> {
  let left = times;
  await page.route(path, async (route) => {
    if (left === 0 || route.request().method() !== method) return route.fallback();
    left -= 1;
    await route.fetch();
    return route.abort('connectionreset');
  });
}

/** The application is on the device, as it is a moment after the first visit: needs `serviceWorkers: 'allow'`. */
export const onDevice = (page: Page) => page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, { timeout: 30_000 });

/** A mild, dry, calm evening as somebody sees it, and two fair days after it. */
export async function lookAtSky(page: Page, degrees: string, warmest = 'Under 25 °C'): Promise<void> {
  await page.getByRole('button', { name: 'Look at the sky' }).click();
  await page.getByLabel(/^The thermometer says/).fill(degrees);
  for (const name of ['Leaves rustle', 'Dry', 'Grey all over', warmest]) await page.getByRole('radio', { name, exact: true }).click();
  for (const group of ['Rain before tomorrow morning', 'Rain', 'Frost']) {
    await page.getByRole('radiogroup', { name: group, exact: true }).getByRole('radio', { name: 'No', exact: true }).click();
  }
  await page.getByRole('button', { name: 'Go by this look' }).click();
  await expect(page.getByText(/^By your look at the sky/)).toBeVisible();
}

/** Through a closed hour to the planned one, where none is open now. */
export async function planFor(page: Page): Promise<'now' | 'later'> {
  const now = page.getByRole('button', { name: 'Now is open: do it now' });
  const later = page.getByRole('button', { name: /^Plan it for/ });
  await expect(now.or(later).first()).toBeVisible();
  const open = await now.isVisible();
  await (open ? now : later).click();
  await expect(
    page
      .getByRole('button', { name: 'Start measuring' })
      .or(page.getByText(/Planned for/))
      .first(),
  ).toBeVisible();
  return open ? 'now' : 'later';
}

/** A case that goes on for weeks, as its screens would have kept it: looked at, decided, and so many rounds done. @returns its id */
export async function runningCourse(
  page: Page,
  of: {
    plantingId: string;
    troubleId: string;
    controlId: string;
    openedAt: string;
    done: readonly string[];
    areaM2?: number;
    amount?: number | null;
    waterMl?: number | null;
  },
): Promise<string> {
  const [id, lookId] = [uuid(), uuid()];
  await put(page, `/looks/${lookId}`, {
    id: lookId,
    plantingId: of.plantingId,
    caseId: null,
    at: of.openedAt,
    answers: [],
    count: { affected: 6, looked: 30 },
    note: '',
  });
  const lap = {
    controlId: of.controlId,
    sheetId: null,
    also: [],
    whyHigher: '',
    decidedAt: of.openedAt,
    mixedAt: of.openedAt,
    plannedFor: null,
    treatmentId: null as string | null,
    lookAgainOn: null as string | null,
    afterLookId: null,
    effectPercent: null,
  };
  const found = {
    id,
    revision: 0,
    plantingId: of.plantingId,
    troubleId: of.troubleId,
    confidence: 1,
    lookId,
    purpose: 'seen',
    stageSeen: null,
    openedAt: of.openedAt,
    status: 'open',
    closedAt: null,
    laps: [lap],
  };
  await put(page, `/cases/${id}`, found);
  const laps = [];
  for (const at of of.done) {
    const treatmentId = uuid();
    await put(page, `/treatments/${treatmentId}`, {
      id: treatmentId,
      caseId: id,
      plantingId: of.plantingId,
      controlId: of.controlId,
      finishedAt: at,
      areaM2: of.areaM2 ?? 4,
      amount: of.amount ?? null,
      waterMl: of.waterMl ?? null,
      by: 'You',
      why: '',
    });
    laps.push({ ...lap, treatmentId, lookAgainOn: at.slice(0, 10) });
  }
  if (laps.length > 0) {
    const kept = (await (await page.request.get(`/api/v1/cases/${id}`)).json()) as { case: Record<string, unknown> };
    await put(page, `/cases/${id}`, { ...kept.case, laps });
  }
  return id;
}
