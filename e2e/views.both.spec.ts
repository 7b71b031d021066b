import { accessible, expect, larkfold, test } from './fixtures';

const VIEWS = [
  ['/', 'Today'],
  ['/garden', 'Garden'],
  [`/garden/${larkfold(1)}`, 'Broad beans'],
  [`/garden/${larkfold(1)}/edit`, 'Edit Broad beans'],
  [`/look/${larkfold(1)}`, 'Where do you see it?'],
  ['/walk', 'Walk'],
  ['/almanac', 'Almanac'],
  ['/almanac/powdery-mildew', 'Powdery mildew'],
  ['/almanac/compare?a=powdery-mildew&b=squash-marbling', 'Compare'],
  ['/cases', 'Cases'],
  [`/cases/${larkfold(203)}`, 'Apple scab'],
  [`/cases/${larkfold(203)}/control/sulfur-spray`, 'Wettable sulfur'],
  ['/shed/new?from=potassium-soap', 'Your own label sheet'],
  ['/bench', 'Bench'],
  ['/shed', 'Shed'],
  ['/shed/potassium-soap', 'Potassium soap concentrate'],
  ['/records', 'Records'],
  ['/season', 'Season'],
  ['/settings', 'Settings'],
] as const;

const TOOLS = [
  ['/bench/amount', 'An amount by the label'],
  ['/bench/rate', 'A rate in your measures'],
  ['/bench/check', 'Check my recipe'],
  ['/bench/buy', 'What to buy'],
  ['/bench/units', 'Units'],
  ['/bench/calibrate', 'Calibrate a sprayer'],
  ['/bench/tree', 'Trees and trunks'],
  ['/bench/bordeaux', 'Bordeaux mixture'],
  ['/bench/soap', 'Potassium soap'],
  [`/bench/soap/${larkfold(631)}`, 'Soap of Tue 19 May'],
  ['/bench/prepare', 'Other preparations'],
  ['/bench/prepare/row-cover', 'Row cover'],
  [`/shed/item/${larkfold(623)}`, 'Copper stock'],
  ['/shed/item/new', 'Put a pack in the shed'],
] as const;

for (const [path, heading] of VIEWS) {
  test(`${path} opens by its address, reloads and is accessible`, async ({ page }) => {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
    await page.waitForTimeout(400);
    await accessible(page);
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wider).toBeLessThanOrEqual(0);
  });
}

test('every tool of the bench opens by its address and is accessible', async ({ page }) => {
  test.setTimeout(150_000);
  for (const [path, heading] of TOOLS) {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
    await page.waitForTimeout(400);
    await accessible(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
  }
});

test('in the dark it reads as well', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  for (const path of [
    '/',
    `/cases/${larkfold(203)}`,
    '/shed',
    '/almanac/powdery-mildew',
    `/look/${larkfold(1)}`,
    '/bench',
    '/bench/bordeaux',
    `/bench/soap/${larkfold(631)}`,
    `/shed/item/${larkfold(623)}`,
  ]) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.waitForTimeout(400);
    await accessible(page);
  }
});

test('an unknown case, planting or address says so and leads back', async ({ page }) => {
  await page.goto(`/cases/${larkfold(999)}`);
  await expect(page.getByText('There is no such case.')).toBeVisible();
  await page.goto(`/garden/${larkfold(999)}`);
  await expect(page.getByText('No such planting')).toBeVisible();
  await page.goto('/nowhere/at/all');
  await expect(page.getByText('No such place')).toBeVisible();
});
