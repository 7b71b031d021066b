import { allCards, expect, fairWeather, openCase, plant, planFor, settle, take, test, typeLabel } from './kit';

// Potatoes on a prairie plot with striped beetles; a dust by the ounce on a hundred square feet, and no sprayer at all.
test('potatoes with a dust: a film, off the flowers, rinsed at first light', async ({ page, server }) => {
  await settle(page, server, {
    name: 'Section Nine',
    latitude: 50.4,
    longitude: -104.6,
    zone: 'America/Regina',
    country: 'CA',
    units: 'us',
    now: '2026-07-02T02:15:00Z',
  });
  const row = await plant(page, { name: 'Potatoes', hostId: 'potato', areaM2: 18.580608, stage: 'growing' });
  await fairWeather(page, '2026-07-01T00:00:00Z', 20);
  await typeLabel(page, { from: 'pyrethrin-dust', name: 'Garden dust', rate: '1 oz wt per 100 sq ft' });
  await openCase(page, row, 'Leaf top', ['Domed ten-striped beetles', 'Fat red-orange humped grubs'], ['8', '20']);
  // the grubs were seen: no month says otherwise
  await expect(page.getByRole('button', { name: /^Stage: As you saw: grub, beetle/ })).toBeVisible();
  await take(page, /^Pyrethrin dust.*Garden dust/, 'Too many to pick');
  // 200 sq ft: 2 oz
  await expect(page.getByText(/^2 oz$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  if (!(await page.getByRole('button', { name: 'Start measuring' }).isVisible())) {
    await server.restart('2026-07-02T03:10:00Z');
    await page.reload();
  }
  await page.getByRole('button', { name: 'Start measuring' }).click();
  const titles = await allCards(page);
  expect(titles.join(' ')).toContain('Dust it on');
  expect(titles.join(' ')).not.toMatch(/Fill|bait|Scatter|Rinse the measure/);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
  await page.goto('/');
  await expect(page.getByText(/rinse it off before bees fly/)).toBeVisible();

  await server.restart('2026-07-06T02:15:00Z');
  await page.goto('/');
  await page.getByRole('button', { name: /Potatoes.*count again/ }).click();
  await page.getByRole('button', { name: 'Look and count now' }).click();
  await page.getByLabel(/ with it$/).fill('5');
  await page.getByLabel(/ looked at$/).fill('20');
  await page.getByRole('button', { name: 'Keep the count' }).click();
  await expect(page.getByRole('button', { name: 'Something else' })).toBeVisible();
});
