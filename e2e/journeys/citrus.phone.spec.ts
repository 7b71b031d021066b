import { allCards, expect, openCase, plant, planFor, settle, sprayer, take, test, typeLabel } from './kit';

test.use({ running: true });

// Three citrus in pots on a windowsill in Central Europe in winter; one bottle of neem for them all.
test('potted citrus with neem, one bottle for all the pots, and a second week', async ({ page, server }) => {
  await settle(page, server, { name: 'Fourth floor', latitude: 48.2, longitude: 16.4, zone: 'Europe/Vienna', units: 'metric', now: '2026-01-18T18:00:00Z' });
  await sprayer(page, 'Hand bottle', 1000);
  const lemon = await plant(page, { name: 'Lemon', hostId: 'citrus', site: 'indoors', areaM2: 0.3, edible: true });
  await plant(page, { name: 'Calamondin', hostId: 'citrus', site: 'indoors', areaM2: 0.2, edible: true });
  await plant(page, { name: 'Weeping fig', hostId: 'ficus', site: 'indoors', areaM2: 0.4, edible: false });
  await typeLabel(page, { from: 'neem-oil', name: 'Neem 70', rate: '5 ml per litre' });
  await openCase(page, lemon, 'Stem', ['Cottony tufts in the joints', 'Leaf top: Sticky shine'], ['5', '12']);
  await take(page, /^Neem.*Neem 70/, 'Three pots at once');
  await page.getByRole('button', { name: /^The same mix also on/ }).click();
  await page.getByRole('checkbox', { name: 'Calamondin' }).click();
  await page.getByRole('checkbox', { name: 'Weeping fig' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByLabel('Mix to make, l').fill('1');
  await expect(page.getByText('5 ml', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await expect(page.getByText(/warm water for 5 minutes/)).toBeVisible();
  const titles = await allCards(page);
  // a product for spraying brings its own emulsifier
  expect(titles.join(' ')).toContain('Pour it in');
  expect(titles.join(' ')).not.toContain('Soap in first');
  await page.getByLabel('Left unsprayed, l').fill('0.4');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
  const { treatments } = (await (await page.request.get('/api/v1/treatments')).json()) as {
    treatments: { plantingName: string; waterMl: number; amount: number; broke: string[] }[];
  };
  expect(treatments.map((t) => t.plantingName).sort()).toEqual(['Calamondin', 'Lemon', 'Weeping fig']);
  expect(treatments.reduce((sum, t) => sum + t.waterMl, 0)).toBeCloseTo(600, 6);
  expect(treatments.flatMap((t) => t.broke)).toEqual([]);

  // a week on: the next round stands on Today; from there to the first card in few taps
  await server.restart('2026-01-25T18:00:00Z');
  await page.goto('/');
  await page.getByRole('button', { name: /Lemon, 2nd round/ }).click();
  await page.getByRole('button', { name: 'The same again' }).click();
  await planFor(page);
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
});
