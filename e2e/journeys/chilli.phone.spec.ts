import { allCards, expect, lookAtSky, planFor, plant, settle, sprayer, take, test, typeLabel } from './kit';

test.use({ running: true });

const PUNE = {
  name: 'Terrace',
  latitude: 18.5,
  longitude: 73.9,
  zone: 'Asia/Kolkata',
  country: 'IN',
  units: 'metric',
  now: '2026-02-10T12:10:00Z',
} as const;

test('chillies on a terrace near Pune: curled leaves by one’s own words, neem by its own label, into the record', async ({ page, server }) => {
  test.setTimeout(150_000);
  await settle(page, server, PUNE);
  await sprayer(page, 'Hand sprayer', 1500);
  await typeLabel(page, { from: 'azadirachtin', name: 'Neem 1500 ppm', rate: '5 ml per litre' });
  const bed = await plant(page, { name: 'Chillies', hostId: 'pepper', areaM2: 3, stage: 'growing' });
  await page.goto(`/look/${bed}`);
  await page.getByRole('button', { name: 'Tips', exact: true }).click();
  const find = page.getByLabel('Find a sign');
  for (const [words, name] of [
    ['leaves curling', /^Curled, puckered/],
    ['silver streaks', /^Silvery scraped/],
    ['thin insects running', /^Slim slivers/],
  ] as const) {
    await find.fill(words);
    await page.getByRole('button', { name }).first().click();
  }
  await find.fill('');
  await page.getByRole('button', { name: /^It is thrips.*: decide$/ }).click();
  await expect(page).toHaveURL(/\/cases\//);
  await lookAtSky(page, '24');
  await take(page, /Neem 1500 ppm/);
  // as much as the spoon and the label say: 2.5 ml in 500 ml is 5 ml per litre
  await expect(page.getByText('2.5 ml', { exact: true }).first()).toBeVisible();
  await expect(page.getByText('in 500 ml', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  expect(await planFor(page)).toBe('now');
  await page.getByRole('button', { name: 'Start measuring' }).click();
  const cards = await allCards(page);
  expect(cards.length).toBeGreaterThan(4);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByRole('button', { name: 'Look and count now' })).toBeVisible();
  await server.restart('2026-02-10T20:00:00Z');
  const { treatments } = (await (await page.request.get('/api/v1/treatments')).json()) as {
    treatments: { plantingName: string; amount: number; waterMl: number; sheet: { name: string } | null }[];
  };
  expect(treatments).toHaveLength(1);
  expect(treatments[0]).toMatchObject({ plantingName: 'Chillies', amount: 2.5, waterMl: 500 });
});
