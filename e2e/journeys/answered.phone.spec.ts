import { allCards, expect, plant, planFor, settle, sprayer, take, test, weatherFile } from './kit';

test.use({ running: true });

// A pear in Ontario, metric: a wet day is foretold, guarded against two evenings before, and asks for nothing more.
test('a wet night warns two days before, is answered, and is quiet', async ({ page, server }) => {
  test.setTimeout(150_000);
  await settle(page, server, {
    name: 'Gravel Lane',
    latitude: 43.2,
    longitude: -79.8,
    zone: 'America/Toronto',
    country: 'CA',
    units: 'metric',
    now: '2026-05-10T23:40:00Z',
  });
  await sprayer(page, 'Pump sprayer', 5000);
  await plant(page, { name: 'Old apple', hostId: 'apple', stage: 'growing', areaM2: 12, heightM: 2.5, pickFrom: '2026-09-10', pickUntil: '2026-10-10' });
  // dry until the twelfth at nine in the evening, then wet for half a day
  const wet = (from: string, hours: number) =>
    weatherFile(page, from, hours, (i) => {
      const at = Date.parse(from) + i * 3_600_000;
      const rain = at >= Date.parse('2026-05-13T01:00:00Z') && at < Date.parse('2026-05-13T15:00:00Z');
      return { t: 14, rh: rain ? 95 : 65, rain: rain ? 1 : 0 };
    });
  await wet('2026-05-01T00:00:00Z', 24 * 15);
  await page.goto('/');
  const row = page.getByRole('button', { name: /^Old apple: Apple scab/ });
  await expect(row).toContainText('before Tue 21:00');
  await row.click();
  await expect(page.getByText('Nothing that was put on here guards against it now.')).toBeVisible();
  await page.getByRole('button', { name: 'See what guards against it' }).click();
  await expect(page).toHaveURL(/\/prevent\?trouble=apple-scab/);
  await page
    .getByRole('button', { name: /^Apple scab/ })
    .first()
    .click();
  await take(page, /^Wettable sulfur/, 'It is the last dry evening');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await allCards(page);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText('It holds')).toBeVisible();

  // answered: Today says no more of it, Season says that it is guarded
  const quiet = async () => {
    await page.goto('/');
    await expect(page.getByRole('button', { name: /Apple scab: count again/ })).toBeVisible();
    await expect(row).toHaveCount(0);
    await page.goto('/season');
    await expect(row).toContainText('guarded');
    await page.waitForLoadState('networkidle');
  };
  await quiet();
  await row.click();
  await expect(page.getByText('Wettable sulfur, put on here, guards to about Sun 17 May 19:40, as far as no more rain takes it off.')).toBeVisible();
  await expect(page.getByText(/^What guards must be on/)).toHaveCount(0);

  // the night was as wet as was foretold: there is nothing to run after
  await server.restart('2026-05-13T16:30:00Z');
  await wet('2026-05-10T00:00:00Z', 24 * 8);
  await quiet();
  await row.click();
  await expect(page.getByText(/too late for this one/)).toHaveCount(0);
  await page.goto('/');
  await page.getByRole('button', { name: /Apple scab: count again/ }).click();
  await expect(page.getByText(/washed about .* of it off$/)).toBeVisible();
});
