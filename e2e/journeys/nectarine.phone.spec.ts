import { allCards, expect, fairWeather, loseAnswers, plant, settle, sprayer, test } from './kit';

// A nectarine on the wall that curled last year; Bordeaux of one's own before the buds swell, and again.
test('a nectarine with Bordeaux before bud swell, recorded with its copper, and again at leaf fall', async ({ page, server }) => {
  await settle(page, server, { name: 'South Wall', latitude: 39.1, longitude: -84.5, zone: 'America/New_York', units: 'us', now: '2026-02-20T16:00:00Z' });
  await sprayer(page, 'Pump sprayer', 7570.823568);
  const tree = await plant(page, { name: 'Nectarine', hostId: 'peach', stage: 'dormant', areaM2: 13.9354, pickFrom: '2026-07-20', pickUntil: '2026-08-20' });
  await fairWeather(page, '2026-02-20T00:00:00Z', 20, { t: 9 });

  // nothing is there yet: the door for what may come
  await page.goto(`/garden/${tree}`);
  await page.getByRole('button', { name: 'Against what may come' }).click();
  await page.getByLabel('Find a trouble').fill('curl');
  await page.getByRole('button', { name: 'Peach leaf curl' }).click();
  await expect(page.getByText(/nothing yet: against what may come/)).toBeVisible();
  await expect(page.getByText(/Bordeaux/).first()).toBeVisible();

  await page.goto('/bench/bordeaux');
  await page.getByLabel(/^Mix to make/).fill('0.4');
  await page.getByRole('button', { name: /^Under:/ }).click();
  await page.getByRole('button', { name: 'Nectarine', exact: true }).click();
  await page.getByRole('button', { name: 'Make it, card by card' }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  const titles = await allCards(page);
  expect(titles.join(' ')).toMatch(/Fill to 1 qt/);
  await expect(page.getByText('Made at home: Bordeaux mixture 10-10-100')).toBeVisible();
  await page.getByRole('radio', { name: 'It may come' }).click();
  await page.getByRole('button', { name: /^Against:/ }).click();
  await page.getByLabel('Find', { exact: true }).fill('leaf curl');
  await page.getByRole('button', { name: 'Peach leaf curl' }).click();
  await loseAnswers(page, 'PUT', /\/api\/v1\/treatments\//);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  // the answer is lost: it is kept here all the same, and sent again until it has surely arrived
  await expect(page.getByRole('heading', { name: 'Records' })).toBeVisible();
  await page.reload();
  await page.goto('/kept');
  await expect(page.getByText('Everything that was written on this device is at home.')).toBeVisible({ timeout: 30_000 });
  const read = async () =>
    (
      (await (await page.request.get('/api/v1/treatments')).json()) as {
        treatments: { amount: number; areaM2: number; purpose: string; sheet: { actives: { percent: number }[] }; broke: string[] }[];
      }
    ).treatments;
  const [first, ...rest] = await read();
  expect(rest).toEqual([]);
  // 10 lb in 100 gal is 18.1 g of crystals in 0.4 gal, of which 25.45 % is copper (UC ANR 7481)
  expect(((first?.amount ?? 0) * (first?.sheet.actives[0]?.percent ?? 0)) / 100).toBeCloseTo(4.62, 1);
  expect(first?.purpose).toBe('prevent');
  expect(first?.broke.join(' ')).not.toMatch(/Above the label/);

  // the bench counts it: the year's copper has grown
  await page.goto('/bench/bordeaux');
  await page.getByRole('button', { name: /^Under:/ }).click();
  await page.getByRole('button', { name: 'Nectarine', exact: true }).click();
  await expect(page.getByText(/0\.66 g/).first()).toBeVisible();
  await server.restart('2026-11-10T16:00:00Z');
  await page.goto(`/garden/${tree}`);
  await expect(page.getByText(/^Bordeaux/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Write down something done' }).click();
  await page.getByRole('button', { name: /^What:/ }).click();
  await page.getByLabel('Find', { exact: true }).fill('Bordeaux');
  await page.getByRole('button', { name: /^Bordeaux (spray|mixture)$/ }).click();
  await page.getByLabel('Product used, in all, g').fill('6 oz wt');
  await page.getByLabel(/^Mix put on/).fill('2');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByRole('heading', { name: 'Records' })).toBeVisible();
  expect(await read()).toHaveLength(2);
});
