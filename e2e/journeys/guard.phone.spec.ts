import type { Case } from '../../packages/core/src/api';
import { expect, lookAtSky, openCase, plant, settle, test } from './kit';

// An espalier near Nelson: what came last spring is guarded against this spring, and the fruit is bagged when it is big enough.
test('last year’s scab is guarded against before it shows, and codling moth from its almanac page', async ({ page, server }) => {
  await settle(page, server, {
    name: 'Mapua',
    latitude: -41.25,
    longitude: 173.1,
    zone: 'Pacific/Auckland',
    country: 'NZ',
    units: 'metric',
    now: '2025-10-14T06:00:00Z',
  });
  const tree = await plant(page, { name: 'Espalier', hostId: 'apple', areaM2: 5, heightM: 2, stage: 'growing' });
  await openCase(page, tree, 'Leaf top', ['Olive velvet spots'], ['4', '20']);
  // all of the screen has arrived before the server goes away
  await expect(page.getByText('Gentlest that will do')).toBeVisible();
  const cases = (await (await page.request.get('/api/v1/cases?status=open')).json()) as Case[];
  const scab = cases.find((c) => c.troubleId === 'apple-scab');
  expect(scab, JSON.stringify(cases)).toBeTruthy();
  const cleared = await page.request.put(`/api/v1/cases/${scab?.id}`, { data: { ...scab, status: 'cleared', closedAt: '2025-10-14T06:00:00.000Z' } });
  expect(cleared.ok(), await cleared.text()).toBe(true);

  // eleven months later, at green tip: Today knows what came
  await server.restart('2026-09-20T05:30:00Z');
  await page.goto('/');
  await expect(page.getByText('Came about now in earlier years')).toBeVisible();
  // a stage that was said so long ago is asked about, and answered with one tap
  await page.getByRole('button', { name: /^Espalier say Growing since 14 Oct/ }).click();
  await page.getByRole('button', { name: 'Still growing' }).click();
  await expect(page.getByText('Still so?')).toHaveCount(0);
  await page.getByRole('button', { name: /^Espalier guard Apple scab, seen 14 Oct/ }).click();
  await page.getByRole('button', { name: /^Apple scab Seen 14 Oct/ }).click();
  await expect(page.getByText('First, to keep it away')).toBeVisible();
  await expect(page.getByText('Its time may be now: look')).toBeVisible();
  await expect(page.getByText('From green tip until shoots stop growing, before the rain.').first()).toBeVisible();
  await expect(page.getByText('When you plant again')).toBeVisible();
  // once it is open Today does not say it again
  await page.goto('/');
  await expect(page.getByText('Apple scab: choose what to do')).toBeVisible();
  await expect(page.getByText('Came about now in earlier years')).toHaveCount(0);

  // from the page of a trouble to one's own tree: in blossom there is nothing to bag yet
  await page.goto('/almanac/codling-moth');
  await page.getByRole('button', { name: /^Espalier guard against it/ }).click();
  await page.getByRole('button', { name: /^Codling moth/ }).click();
  await expect(page.getByText('Later in its year')).toBeVisible();
  await page.getByRole('button', { name: /^Bag the fruit Not now/ }).click();
  await expect(
    page
      .getByRole('dialog')
      .getByText(/Its time: when fruit is 12 to 25 mm across, four to six weeks after bloom/)
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();

  // in November the fruit is there: what was tried is so, and is written down
  await server.restart('2026-11-20T05:30:00Z');
  await page.goto('/cases');
  await page.getByRole('button', { name: /[Cc]odling moth/ }).click();
  await page.getByRole('switch', { name: 'What if: Wait until they are fruiting' }).click();
  await page.getByRole('button', { name: 'It is so: write it down' }).click();
  await lookAtSky(page, '17');
  await page.getByRole('button', { name: /^Bag the fruit Now/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Bag the fruit', exact: true }).click();
  await page.getByRole('button', { name: 'Bag the fruit', exact: true }).click();
  await page.getByRole('button', { name: /is open: do it now/ }).click();
  await page.getByRole('button', { name: 'Done: write it down' }).click();
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
  await page.goto('/records');
  await expect(page.getByText(/Bag the fruit/).first()).toBeVisible();
});
