import { expect, fairWeather, openCase, plant, settle, test } from './kit';

test.use({ running: true });

// Okra in a dry-season garden; nothing to be bought: bar soap, put on, written down, and counted.
test('okra with home-made suds, three evenings, each written down', async ({ page, server }) => {
  await settle(page, server, { name: 'Well Side', latitude: 12.4, longitude: -1.5, zone: 'Africa/Ouagadougou', units: 'metric', now: '2026-02-03T17:30:00Z' });
  const okra = await plant(page, { name: 'Okra', hostId: 'okra', areaM2: 10 });
  await plant(page, { name: 'Chilli', hostId: 'pepper', areaM2: 4 });
  await fairWeather(page, '2026-02-03T00:00:00Z', 20, { t: 27, rh: 40 });
  await openCase(page, okra, 'Leaf top', ['Coarse white flecks', 'Pale hoppers that leap'], ['12', '20']);
  for (const evening of [3, 4]) {
    if (evening > 3) await server.restart(`2026-02-0${evening}T17:30:00Z`);
    await page.goto('/bench/prepare/bar-suds');
    await page.getByRole('button', { name: 'Go through it, card by card' }).click();
    await expect(page.getByText(/^Step 1 of/)).toBeVisible();
    for (;;) {
      for (const box of await page.getByRole('checkbox').all()) if ((await box.getAttribute('aria-checked')) !== 'true') await box.click();
      const last = page.getByRole('button', { name: 'Finished: write it down' });
      if (await last.isVisible()) {
        await last.click();
        break;
      }
      await page.getByRole('button', { name: /^(All of it is on|Done)$/ }).click();
    }
    await expect(page.getByText(/Made at home: Bar-soap suds/)).toBeVisible();
    await page.getByRole('button', { name: /^On:/ }).click();
    await page.getByRole('checkbox', { name: 'Okra' }).click();
    await page.getByRole('checkbox', { name: 'Chilli' }).click();
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('button', { name: 'Keep the record' }).click();
    await expect(page.getByRole('heading', { name: 'Records' })).toBeVisible();
  }
  const { treatments } = (await (await page.request.get('/api/v1/treatments')).json()) as { treatments: { plantingName: string; mixId: string }[] };
  expect(treatments.map((t) => t.plantingName).sort()).toEqual(['Chilli', 'Chilli', 'Okra', 'Okra']);
  expect(new Set(treatments.map((t) => t.mixId)).size).toBe(2);
  await page.goto(`/garden/${okra}`);
  await expect(page.getByText('Done here')).toBeVisible();
});
