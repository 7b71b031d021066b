import { expect, plant, runningCourse, settle, sprayer, test, weatherFile } from './kit';
import { CREEK_LOT } from '../../packages/core/test/creek-lot';
import { accessible } from '../fixtures';

const ITHACA = { ...CREEK_LOT, now: '2026-06-14T21:30:00Z' } as const;
const day = (i: number) => Math.floor(i / 24);

// Three beds in New York state, US units: two get Bt, one wettable sulfur. The weather comes as a file.
test('three courses fall together, one is moved by hand, and ten days away are tried before they are taken', async ({ page, server }) => {
  await settle(page, server, ITHACA);
  await sprayer(page, 'Pump sprayer', 3785);
  const leeks = await plant(page, { name: 'Leeks', hostId: 'leek', areaM2: 6, pickFrom: '2026-09-01', pickUntil: '2026-10-30' });
  const cabbages = await plant(page, { name: 'Cabbages', hostId: 'cabbage', areaM2: 5, pickFrom: '2026-08-20', pickUntil: '2026-09-30' });
  const apples = await plant(page, { name: 'Old apple', hostId: 'apple', areaM2: 12, stage: 'fruiting', pickFrom: '2026-08-30', pickUntil: '2026-09-20' });
  await weatherFile(page, '2026-06-05T00:00:00Z', 24 * 14, (i) => ({ rain: day(i) === 8 && i % 24 < 6 ? 5 : 0 }));
  await runningCourse(page, {
    plantingId: leeks,
    troubleId: 'leek-moth',
    controlId: 'bt-spray',
    openedAt: '2026-06-09T20:00:00Z',
    done: ['2026-06-09T23:40:00Z'],
    areaM2: 6,
  });
  await runningCourse(page, {
    plantingId: cabbages,
    troubleId: 'cabbage-white',
    controlId: 'bt-spray',
    openedAt: '2026-06-09T20:00:00Z',
    done: ['2026-06-09T23:50:00Z'],
    areaM2: 5,
  });
  const scab = await runningCourse(page, {
    plantingId: apples,
    troubleId: 'apple-scab',
    controlId: 'sulfur-spray',
    openedAt: '2026-06-06T20:00:00Z',
    done: ['2026-06-06T23:00:00Z'],
    areaM2: 12,
  });

  await page.goto('/');
  await expect(page.getByText('The fortnight')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Leeks, 2nd round/ })).toContainText('One mix with cabbages');
  await page.goto('/season');
  await expect(page.getByText(/^\d+ rounds in \d evenings, no limit broken\./)).toBeVisible();
  await expect(page.getByText(/^One mix of .* does for two of them\.$/).first()).toBeVisible();
  await accessible(page);

  // the first round of the apple a day later: said what it costs, taken, and there after a restart
  await page.getByRole('button', { name: 'Plantings' }).click();
  const apple = page.getByRole('button', { name: /^2nd round/ }).last();
  await apple.click();
  await expect(page.getByRole('heading', { name: 'Old apple, 2nd round' })).toBeVisible();
  await page.getByRole('button', { name: 'A day later' }).click();
  await expect(page.getByText(/^What it means: /)).toBeVisible();
  await page.getByRole('button', { name: /^Set it on / }).click();
  await server.restart('2026-06-14T21:40:00Z');
  await page.goto('/season');
  await page.getByRole('button', { name: 'Plantings' }).click();
  await expect(page.getByText('You set this day.')).toBeVisible();

  // away for ten days: beside what is, then taken
  await page.getByRole('button', { name: 'What if' }).click();
  await page.getByRole('button', { name: 'for 10 days' }).click();
  await expect(page.getByText(/^In all: .*without protection/)).toBeVisible();
  await expect(page.getByText('Leeks, Bt spray')).toBeVisible();
  await page.getByRole('button', { name: 'Take it so' }).click();
  await page.getByRole('button', { name: 'What if' }).click();
  await expect(page.getByRole('button', { name: /^Away from 15 Jun to 24 Jun/ })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  const garden = (await (await page.request.get('/api/v1/garden')).json()) as { away: unknown };
  expect(garden.away).toEqual([{ from: '2026-06-15', to: '2026-06-24' }]);

  // a course stands on the brook of its case; it is paused there, and taken up again
  await page.goto(`/cases/${scab}`);
  await expect(page.getByText(/^12 Jun: .* washed about .* of it off$/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^2nd round: / })).toBeVisible();
  await page.getByRole('button', { name: 'Pause the course' }).click();
  await expect(page.getByText('Paused: nothing of it is planned until it is taken up.')).toBeVisible();
  await page.getByRole('button', { name: 'Take the course up' }).click();
  await expect(page.getByRole('button', { name: 'Pause the course' })).toBeVisible();
});

test('the picking stops a course in time, and a calendar may read what is planned', async ({ page, server, context }) => {
  await context.grantPermissions(['notifications']);
  await page.addInitScript(() => {
    const rung: string[] = [];
    class Bell {
      static readonly permission = 'granted';
      static readonly requestPermission = () => Promise.resolve('granted');
      constructor(title: string) {
        rung.push(title);
      }
    }
    Object.assign(window, { Notification: Bell, rung });
  });
  await settle(page, server, ITHACA);
  const tomatoes = await plant(page, { name: 'Tomatoes', hostId: 'tomato', areaM2: 8, pickFrom: '2026-06-27', pickUntil: '2026-09-20' });
  await weatherFile(page, '2026-06-05T00:00:00Z', 24 * 14);
  const id = await runningCourse(page, {
    plantingId: tomatoes,
    troubleId: 'early-blight',
    controlId: 'mancozeb-spray',
    openedAt: '2026-06-07T20:00:00Z',
    done: ['2026-06-07T23:00:00Z'],
    areaM2: 8,
  });
  await page.goto('/season');
  await page.getByRole('button', { name: 'Plantings' }).click();
  await expect(page.getByText(/It stops in time for the picking on Sat 27 Jun\./)).toBeVisible();
  // the label waits five days
  const rounds = await page.getByRole('button', { name: /^\d(nd|rd|th) round/ }).allInnerTexts();
  expect(rounds.length).toBeGreaterThan(0);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = await page.getByText(/\/api\/v1\/calendar\/feed\//).innerText();
  const feed = await page.request.get(address.trim());
  const told = await feed.text();
  expect(told).toContain(`UID:round-${id}-2@`);
  // an hour before the evening this browser rings, once
  await page.getByRole('button', { name: 'Ring in this browser, too' }).click();
  await expect(page.getByText('An hour before an evening begins, while Sleetbrook is open here.')).toBeVisible();
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByRole('button', { name: 'Make an address' })).toBeVisible();
  expect((await page.request.get(address.trim())).status()).toBe(404);
  const begins = /DTSTART:(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)/.exec(told.slice(told.indexOf(`UID:round-${id}-2@`)));
  expect(begins).not.toBeNull();
  const [, y, mo, d, h, mi] = begins ?? [];
  await server.restart(new Date(Date.parse(`${y}-${mo}-${d}T${h}:${mi}:00Z`) - 40 * 60_000).toISOString());
  await page.goto('/');
  const rung = () => page.evaluate(() => (window as unknown as { rung: string[] }).rung.filter((t) => t.endsWith(': Tomatoes')).length);
  await expect.poll(rung).toBe(1);
  await page.goto('/season');
  await expect(page.getByText('Rounds ahead')).toBeVisible();
  expect(await rung()).toBe(0);
});

test.describe('out of reach', () => {
  test('the rounds ahead are laid out without the house', async ({ page, server, context }) => {
    await settle(page, server, ITHACA);
    const leeks = await plant(page, { name: 'Leeks', hostId: 'leek', areaM2: 6 });
    await weatherFile(page, '2026-06-05T00:00:00Z', 24 * 14);
    await runningCourse(page, {
      plantingId: leeks,
      troubleId: 'leek-moth',
      controlId: 'bt-spray',
      openedAt: '2026-06-09T20:00:00Z',
      done: ['2026-06-09T23:40:00Z'],
      areaM2: 6,
    });
    await page.goto('/');
    await expect(page.getByText('The fortnight')).toBeVisible();
    // what is on the device is what was opened, here without a service worker
    await page.getByRole('button', { name: 'Season' }).click();
    await page
      .getByRole('button', { name: /^Leeks 2nd round|^Leeks/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Close' }).click();
    await expect.poll(async () => page.evaluate(async () => (await indexedDB.databases()).length)).toBeGreaterThan(0);
    await page.waitForTimeout(2500);
    const made = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Print on one page' }).click();
    expect((await made).suggestedFilename()).toBe('season.pdf');
    await context.setOffline(true);
    // paper is made at home: that is said here, and nothing is lost by it
    await page.getByRole('button', { name: 'Print on one page' }).click();
    await expect(page.getByText(/^Paper is made at home/)).toBeVisible();
    await page
      .getByRole('button', { name: /^Leeks/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Pause the course' }).click();
    await expect(page.getByText('Paused: nothing of it is planned until it is taken up.')).toBeVisible();
    await expect(page.getByText(/^No round is due within the fortnight/)).toBeVisible();
    await context.setOffline(false);
    await expect
      .poll(async () => ((await (await page.request.get('/api/v1/today')).json()) as { openCases: { course: { state: string } }[] }).openCases[0]?.course.state)
      .toBe('paused');
  });
});
