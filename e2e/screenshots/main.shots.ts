import type { Page } from '@playwright/test';
import { join } from 'node:path';
import { larkfold, test } from '../fixtures';
import { lookAtSky, openCase, plant, runningCourse, settle } from '../journeys/kit';

const DIR = join(__dirname, '../../docs/screenshots');
const PHONE = { width: 390, height: 844 };

async function shot(page: Page, name: string): Promise<void> {
  await page.waitForTimeout(700);
  await page.screenshot({ path: join(DIR, `${name}.png`) });
}

test('out of reach: what is kept here, and what clashes', async ({ page }) => {
  test.setTimeout(120_000);
  await page.setViewportSize(PHONE);
  await page.goto('/settings');
  await page.getByText(/^As of .* go home by themselves\.$/).waitFor({ timeout: 30_000 });
  // the house does not answer; meanwhile somebody changes the same thing there
  await page.route('**/api/v1/**', (route) => route.abort('internetdisconnected'));
  await page.goto(`/garden/${larkfold(1)}/edit`);
  await page.getByLabel('Area, m²').fill('24');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await page.getByText('1 kept on this device, not yet at home').waitFor();
  const beans = (await (await page.request.get(`/api/v1/plantings/${larkfold(1)}`)).json()) as { areaM2: number };
  await page.request.put(`/api/v1/plantings/${larkfold(1)}`, { data: { ...beans, areaM2: 22 } });
  await page.unroute('**/api/v1/**');
  await page.goto('/kept');
  await page.getByRole('radio', { name: /^As at home/ }).click({ timeout: 30_000 });
  await shot(page, 'kept-here');
});

test('the path on a phone', async ({ page, server }) => {
  test.setTimeout(180_000);
  await page.setViewportSize(PHONE);
  for (const [path, name] of [
    ['/garden', 'garden'],
    ['/almanac/codling-moth', 'almanac'],
  ] as const) {
    await page.goto(path);
    await page.getByRole('heading').first().waitFor();
    if (name === 'almanac') await page.getByText('Where it lives').scrollIntoViewIfNeeded();
    await shot(page, name);
  }
  await page.goto(`/look/${larkfold(1)}`);
  await page.getByRole('button', { name: 'Tips' }).click();
  await page.getByRole('button', { name: /^Dark crowds/ }).click();
  await page.getByRole('button', { name: /^Ants running up/ }).click();
  await page.getByRole('button', { name: /^Sticky shine/ }).click();
  await page.getByLabel('Tips with it').fill('9');
  await page.getByLabel('Tips looked at').fill('20');
  await page.getByRole('button', { name: 'It is black bean aphid: decide' }).click();
  await page.getByRole('button', { name: /^Soap spray/ }).waitFor();
  await shot(page, 'case-decide');
  await page.getByRole('button', { name: /^Soap spray/ }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: /^Neem oil spray/ }).click();
  await page.getByRole('button', { name: /^All about it/ }).click();
  await page.getByText('Where growers differ').waitFor();
  await page
    .getByText(/^Why: /)
    .first()
    .scrollIntoViewIfNeeded();
  await page.getByRole('link', { name: 'The case' }).click();
  await page.getByRole('button', { name: /^Soap spray/ }).click();
  await page.getByRole('button', { name: 'Plan it: soap spray' }).click();
  await page.getByRole('button', { name: 'Plan soap spray' }).click();
  await page.getByLabel('Your reason').fill('Too many tips to pinch');
  await page.getByRole('button', { name: 'Take soap spray' }).click();
  await page.getByText('Load 2: part, 3 l').scrollIntoViewIfNeeded();
  await shot(page, 'mix-amounts');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await page.getByRole('button', { name: /Plan it for/ }).click();
  await page.getByText(/Planned for/).waitFor();

  await server.restart('2026-05-24T20:05:00Z');
  await page.goto('/cases');
  await page.getByRole('button', { name: /^Black bean aphid/ }).click();
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await page.getByRole('button', { name: 'It is so' }).click();
  await page.getByRole('checkbox').first().waitFor();
  for (const wear of await page.getByRole('checkbox').all()) await wear.click();
  await page.getByRole('button', { name: 'All of it is on' }).click();
  await page.getByRole('checkbox').click();
  await page.getByRole('button', { name: 'It is clean' }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await page.getByRole('button', { name: /^Too much went in/ }).click();
  await page.getByLabel('Put in, altogether, ml').fill('6 tbsp');
  await page.getByRole('button', { name: 'Done so: note it' }).click();
  const next = page.getByRole('button', { name: /^(Measured|Done|This load is out|Done: write it down)$/ });
  for (let act = ''; !/write it down/.test(act);) {
    act = await next.innerText();
    await next.click();
  }
  await page.getByLabel('Left unsprayed, l').fill('0.5');
  await shot(page, 'done');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await page.getByRole('button', { name: 'Look and count now' }).waitFor();

  await server.restart('2026-05-28T18:40:00Z');
  await page.goto('/');
  await page.getByRole('button', { name: /Broad beans, 2nd round/ }).waitFor();
  await shot(page, 'today');
  await page.getByRole('button', { name: /Broad beans, 2nd round/ }).click();
  await page.getByRole('button', { name: 'Look and count now' }).click();
  await page.getByLabel('Tips with it').fill('5');
  await page.getByRole('button', { name: 'Keep the count' }).click();
  await page.getByText(/44 in 100 gone/).waitFor();
  await page.getByText(/28 May: 5 of 20/).scrollIntoViewIfNeeded();
  await shot(page, 'effect');
  await page.getByRole('button', { name: 'Something else' }).waitFor();

  await page.goto('/walk');
  await page.getByRole('button', { name: 'Start a walk' }).click();
  await page
    .getByRole('button', { name: /usual now|was here before/ })
    .first()
    .click();
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Clean, one more' }).click();
  await page.getByRole('button', { name: 'With it, one more' }).click();
  await shot(page, 'walk');
});

test('a label of one’s own', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await page.goto('/shed/new?from=bt-kurstaki');
  await page.getByLabel('Name', { exact: true }).fill('Caterpillar powder');
  await page
    .getByRole('button', { name: /Against/ })
    .first()
    .click();
  await page.getByLabel('Rate, as printed').fill('1 to 2 tsp per 5 l');
  await page.getByLabel('Water, as printed').fill('0.1 to 0.2 l per m²');
  await shot(page, 'label-printed');
});

test('the desk', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/cases/${larkfold(203)}`);
  await page.getByText('Gentlest first.').first().waitFor();
  await page.getByRole('button', { name: /^Wettable sulfur/ }).waitFor();
  await shot(page, 'wide-case');
  await page.goto('/bench');
  await page.getByText('Under way').waitFor();
});

test.describe('a garden of its own, where nothing is made up', () => {
  test.use({ demo: false });

  test('weather that nobody knows, a duty to report, and what may come', async ({ page, server }) => {
    test.setTimeout(120_000);
    await page.setViewportSize(PHONE);
    const place = {
      name: 'Larkfold',
      latitude: 55.2,
      longitude: -1.9,
      zone: 'Europe/London',
      country: 'GB',
      units: 'metric',
      now: '2026-07-12T18:10:00Z',
    } as const;
    await settle(page, server, place);
    const kale = await plant(page, { name: 'Kales', hostId: 'cabbage', areaM2: 6 });
    await openCase(page, kale, 'Leaf top', ['Ragged holes', 'Whole plant: White butterflies'], ['8', '20']);
    await page.getByText('No weather is known here', { exact: true }).waitFor();
    await shot(page, 'sky');
    await lookAtSky(page, '17');
    const rows = await plant(page, { name: 'Potatoes', hostId: 'potato', areaM2: 12 });
    await openCase(page, rows, 'Leaf top', ['Domed ten-striped beetles', 'Fat red-orange humped grubs'], ['3', '20']);
    await page.getByText('Report first').scrollIntoViewIfNeeded();
    await shot(page, 'report');
    const plum = await plant(page, { name: 'Plum', hostId: 'plum', areaM2: 9, stage: 'fruiting' });
    await page.goto(`/garden/${plum}`);
    await page.getByRole('button', { name: /Against what may come/ }).click();
    await page.waitForTimeout(500);
    await shot(page, 'guard');
    const picked = (from: string, until: string) => ({ pickFrom: from, pickUntil: until });
    const apples = await plant(page, { name: 'Espaliered apples', hostId: 'apple', areaM2: 9, stage: 'fruiting', ...picked('2026-08-25', '2026-09-20') });
    const leeks = await plant(page, { name: 'Leeks', hostId: 'leek', areaM2: 6, ...picked('2026-09-10', '2026-11-30') });
    const greens = await plant(page, { name: 'Spring greens', hostId: 'cabbage', areaM2: 5, ...picked('2026-07-24', '2026-08-20') });
    const from = Date.parse('2026-07-02T00:00:00Z');
    const hours = Array.from({ length: 15 * 24 }, (_, i) => {
      const hour = i % 24;
      const wet = i >= 280 && i < 292;
      return `${new Date(from + i * 3_600_000).toISOString()},${(15 + 5 * Math.sin(((hour - 9) / 24) * 2 * Math.PI)).toFixed(1)},${hour < 8 ? 93 : 65},1.8,${wet ? 1 : 0},0.6`;
    });
    await page.request.put('/api/v1/weather/file', {
      headers: { 'Content-Type': 'text/csv' },
      data: ['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...hours].join('\n'),
    });
    const bt = { controlId: 'bt-spray', openedAt: '2026-07-01T18:00:00Z' };
    const moths = await runningCourse(page, {
      ...bt,
      plantingId: leeks,
      troubleId: 'leek-moth',
      done: ['2026-07-02T20:10:00Z', '2026-07-08T20:10:00Z'],
      areaM2: 6,
    });
    await runningCourse(page, { ...bt, plantingId: greens, troubleId: 'cabbage-white', done: ['2026-07-08T20:30:00Z'], areaM2: 5 });
    await runningCourse(page, {
      plantingId: apples,
      troubleId: 'apple-scab',
      controlId: 'sulfur-spray',
      openedAt: '2026-06-20T18:00:00Z',
      done: ['2026-06-20T19:30:00Z', '2026-06-30T19:30:00Z', '2026-07-08T19:30:00Z'],
      areaM2: 9,
    });
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto('/season');
    await page.getByRole('button', { name: 'Month', exact: true }).click();
    await page.mouse.move(600, 500);
    await page.mouse.wheel(0, 200);
    await shot(page, 'wide-season');
    await page.setViewportSize(PHONE);
    await page.emulateMedia({ colorScheme: 'dark' });
    await page.goto('/season');
    await page.getByRole('button', { name: /^Espaliered apples: Apple scab/ }).waitFor();
    await page.getByText('Rounds ahead').waitFor();
    await page.waitForTimeout(800);
    await shot(page, 'season-dark');
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(`/cases/${moths}`);
    await page.getByRole('button', { name: /^3rd round: / }).scrollIntoViewIfNeeded();
    await shot(page, 'course');
  });

  test('names: found by one’s own words, not settled', async ({ page, server }) => {
    test.setTimeout(120_000);
    await page.setViewportSize(PHONE);
    const place = {
      name: 'Corner lot',
      latitude: 41.6,
      longitude: -93.6,
      zone: 'America/Chicago',
      country: 'US',
      units: 'us',
      now: '2026-07-08T22:30:00Z',
    } as const;
    await settle(page, server, place);
    const tomatoes = await plant(page, { name: 'Romas', hostId: 'tomato' });
    await page.goto(`/look/${tomatoes}`);
    await page.getByRole('button', { name: 'Leaf top', exact: true }).click();
    const find = page.getByLabel('Find a sign');
    const see = async (words: string, name: RegExp) => {
      await find.fill(words);
      await page.getByRole('button', { name }).first().click();
    };
    await find.fill('white fuzz');
    await page
      .getByRole('button', { name: /^White fluff/ })
      .first()
      .waitFor();
    await shot(page, 'sign-search');
    const peppers = await plant(page, { name: 'Peppers', hostId: 'pepper' });
    await page.goto(`/look/${peppers}`);
    await page.getByRole('button', { name: 'Leaf top', exact: true }).click();
    await see('yellow leaves', /^Yellow leaves/);
    await page.getByRole('button', { name: 'None of these' }).click();
    await page.getByRole('button', { name: 'What now' }).click();
    await page.getByRole('button', { name: 'Not settled: keep watching' }).waitFor();
    await shot(page, 'not-settled');
  });
});
