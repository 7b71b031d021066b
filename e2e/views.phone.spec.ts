import type { Page } from '@playwright/test';
import { accessible, expect, larkfold, reading as test } from './fixtures';

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

const WIDTHS = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
] as const;

/** Nothing serious against it, and nothing beside the page: on a phone and at a desk. */
async function fits(page: Page): Promise<void> {
  for (const size of WIDTHS) {
    await page.setViewportSize(size);
    await page.waitForTimeout(300);
    await accessible(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
  }
}

for (const [path, heading] of VIEWS) {
  test(`${path} opens by its address, reloads and is accessible, narrow and wide`, async ({ page }) => {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
    await fits(page);
  });
}

for (const [path, heading] of TOOLS) {
  test(`${path} opens by its address and is accessible, narrow and wide`, async ({ page }) => {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
    await fits(page);
  });
}

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
  test(`${path} reads as well in the dark`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'dark' });
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await fits(page);
  });
}

test('an unknown case, planting or address says so and leads back', async ({ page }) => {
  await page.goto(`/cases/${larkfold(999)}`);
  await expect(page.getByText('There is no such case.')).toBeVisible();
  await page.goto(`/garden/${larkfold(999)}`);
  await expect(page.getByText('No such planting')).toBeVisible();
  await page.goto('/nowhere/at/all');
  await expect(page.getByText('No such place')).toBeVisible();
});
