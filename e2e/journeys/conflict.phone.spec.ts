import { accessible } from '../fixtures';
import { expect, plant, settle, test } from './kit';

test.use({ serviceWorkers: 'allow' });

const CORK = {
  name: 'Long acre',
  latitude: 51.9,
  longitude: -8.5,
  zone: 'Europe/Dublin',
  country: 'IE',
  units: 'metric',
  now: '2026-06-10T17:00:00Z',
} as const;

// Two phones and one garden: one at the far end, one in the kitchen.
test('the same planting changed on both sides: what differs is brought together, what clashes is asked, nothing is dropped', async ({
  page,
  server,
  browser,
  context,
}) => {
  await settle(page, server, CORK);
  const peas = await plant(page, { name: 'Peas', hostId: 'pea', place: 'Bed 2', areaM2: 4 });
  await page.goto(`/garden/${peas}/edit`);
  const area = page.getByLabel('Area, m²');
  await expect(area).toHaveValue('4');
  await page.goto('/settings');
  await expect(page.getByText(/^Is on this device: it opens without home/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/^As of .* go home by themselves\.$/)).toBeVisible({ timeout: 30_000 });
  await page.goto(`/garden/${peas}/edit`);
  await expect(area).toHaveValue('4');

  // out of reach: another name, and another area
  await context.setOffline(true);
  await page.getByLabel('Name', { exact: true }).fill('Early peas');
  await area.fill('6');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByText('1 kept on this device, not yet at home')).toBeVisible({ timeout: 20_000 });

  // meanwhile in the kitchen: the place, and the area
  const other = await browser.newContext({ baseURL: server.base });
  const kitchen = await other.newPage();
  await kitchen.goto(`/garden/${peas}/edit`);
  await kitchen.getByLabel('Area, m²').fill('5');
  await kitchen.getByLabel('Place', { exact: true }).fill('Bed 3');
  await kitchen.getByRole('button', { name: 'Keep this' }).click();
  await expect(kitchen.getByRole('heading', { name: 'Peas' })).toBeVisible();

  await context.setOffline(false);
  const asked = page.getByRole('link', { name: /^1 thing kept here can not go home as it is: it is for you to say how/ });
  await expect(asked).toBeVisible({ timeout: 30_000 });
  await asked.click();
  await expect(page.getByText('Changed here and at home, each in another way')).toBeVisible();
  await accessible(page);
  const choice = page.getByRole('radiogroup', { name: 'Area', exact: true });
  await expect(choice.getByRole('radio')).toHaveCount(2);
  // only what clashes is asked
  await expect(page.getByRole('radiogroup')).toHaveCount(1);
  await choice.getByRole('radio', { name: /^As on this device 6/ }).click();
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText('Everything that was written on this device is at home.')).toBeVisible({ timeout: 20_000 });
  const home = (await (await page.request.get(`/api/v1/plantings/${peas}`)).json()) as Record<string, unknown>;
  expect(home).toMatchObject({ name: 'Early peas', areaM2: 6, place: 'Bed 3' });

  // the kitchen sees it without being asked to
  await expect(kitchen.getByRole('heading', { name: 'Early peas' })).toBeVisible({ timeout: 20_000 });
  await other.close();
});

test('two on one round: the second is told, goes on with it, and each has what the other counted', async ({ page, server, browser }) => {
  await settle(page, server, CORK);
  await plant(page, { name: 'Peas', hostId: 'pea', place: 'Bed 1' });
  await plant(page, { name: 'Potatoes', hostId: 'potato', place: 'Bed 2' });
  await plant(page, { name: 'Kale', hostId: 'cabbage', place: 'Bed 3' });
  await page.goto('/walk');
  await page.getByRole('button', { name: 'Start a walk' }).click();
  await page.getByRole('button', { name: 'All clear: next' }).click();
  await expect(page.getByRole('heading', { name: 'Potatoes' })).toBeVisible();

  const other = await browser.newContext({ baseURL: server.base });
  const partner = await other.newPage();
  await expect(async () => {
    await partner.goto('/walk');
    await expect(partner.getByText('A round is under way that was not begun on this device')).toBeVisible({ timeout: 1500 });
    await expect(partner.getByText(/1 of 3 done, the last at .*: what each counts is brought together|^Begun .*1 of 3 done/)).toBeVisible({ timeout: 1500 });
  }).toPass({ timeout: 20_000 });
  await expect(partner.getByRole('button', { name: 'Start one of your own' })).toBeVisible();
  await accessible(partner);
  await partner.getByRole('button', { name: 'Go on with it: 1 of 3 done' }).click();
  await expect(partner.getByRole('heading', { name: 'Potatoes' })).toBeVisible();
  await partner.getByRole('button', { name: /^Kale: / }).click();
  await partner.getByRole('button', { name: 'All clear: next' }).click();

  // the first one hears of it without a tap, and what it does joins in
  await expect(page.getByRole('button', { name: 'Kale: clear' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText('Another device is on this round too: what it counted is in here.')).toBeVisible();
  await page.getByRole('button', { name: 'All clear: next' }).click();
  await expect
    .poll(
      async () =>
        ((await (await page.request.get('/api/v1/walks')).json()) as { finishedAt: string | null; stops: { state: string }[] }[]).map((w) => [
          w.finishedAt !== null,
          w.stops.map((s) => s.state).join(),
        ]),
      { timeout: 20_000 },
    )
    .toEqual([[true, 'clear,clear,clear']]);
  await other.close();
});
