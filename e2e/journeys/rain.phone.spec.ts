import type { Page } from '@playwright/test';
import { allCards, expect, hoursCsv, openCase, plant, planFor, settle, sprayer, take, test } from './kit';

/** Hours as a station and a forecast give them, in one file. */
async function hours(page: Page, from: string, n: number, rain: (i: number) => number): Promise<void> {
  await page.goto('/settings');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Load a CSV of hours' }).click();
  await (
    await chooser
  ).setFiles({
    name: 'hours.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(hoursCsv(from, n, (i) => ({ t: 18, rh: 70, rain: rain(i) }))),
  });
  await expect(page.getByText(`${n} hours loaded`, { exact: false })).toBeVisible();
}

// Tomatoes in Ohio with Septoria: by a forecast of a dry week, which then is not one.
test('a forecast opens the evening, the rain that came instead is said, and where the label stands', async ({ page, server }) => {
  const NOW = '2026-07-10T23:30:00Z';
  await settle(page, server, { name: 'Plum Run', latitude: 39.9, longitude: -82.9, zone: 'America/New_York', country: 'US', units: 'us', now: NOW });
  await sprayer(page, 'Pump sprayer', 3785);
  const bed = await plant(page, { name: 'Tomatoes', hostId: 'tomato', stage: 'growing', areaM2: 8 });
  await hours(page, '2026-07-09T00:00:00Z', 24 * 14, () => 0);
  await openCase(page, bed, 'Leaf top', ['Pale spots with black dots'], ['4', '30']);
  await expect(page.getByText(/^By the hours you loaded: measured to today 19:30, forecast to Wed 15 Jul 20:00/)).toBeVisible();
  await take(page, /^Copper soap spray/, 'It spreads up the plants');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await allCards(page);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();

  // the forecast was wrong: an inch in the second night
  await server.restart('2026-07-12T13:00:00Z');
  await hours(page, '2026-07-09T00:00:00Z', 24 * 6, (i) => (i >= 74 && i < 78 ? 7 : 0));
  await page.goto('/');
  const row = page.getByRole('button', { name: /Tomatoes.*1\.1 in of rain fell since: about 0\.6 in takes it off/ });
  await expect(row).toBeVisible();
  await row.click();
  await expect(page).toHaveURL(/\/cases\//);
  await expect(page.getByText(/Its label’s days still count: again from/)).toBeVisible();
  await page.goto('/records');
  await page
    .getByRole('button', { name: /Copper soap/ })
    .first()
    .click();
  await expect(page.getByText(/^64 °F, 70 % damp, wind 4 mph \(from loaded hours\)$/)).toBeVisible();
});
