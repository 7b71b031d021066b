import { allCards, expect, fairWeather, fillLabel, openCase, plant, planFor, settle, sprayer, take, test } from './kit';

test.use({ running: true });

// Strawberries in flower under the nets of a damp English May; a biological fungicide by the millilitre a litre.
test('strawberries in bloom with a biological fungicide, and the next week', async ({ page, server }) => {
  await settle(page, server, { name: 'Nettle End', latitude: 52.6, longitude: -1.1, zone: 'Europe/London', units: 'imperial', now: '2026-05-16T19:15:00Z' });
  await sprayer(page, 'Pump sprayer', 5000);
  const bed = await plant(page, {
    name: 'Strawberries',
    hostId: 'strawberry',
    stage: 'flowering',
    areaM2: 12,
    pickFrom: '2026-06-12',
    pickUntil: '2026-07-10',
  });
  await fairWeather(page, '2026-05-16T00:00:00Z', 25, { rh: 80 });
  await openCase(page, bed, 'Flower', ['Grey fur'], ['3', '40']);
  await take(page, /^B\. subtilis/, 'It is in flower, and damp');
  // the specimen's figures stand until the label in the hand is typed in, from here and back to here
  await expect(page.getByText(/Specimen, check against your own label/)).toBeVisible();
  const rate = page.getByLabel(/^Rate, ml per l/);
  await rate.fill('11');
  await page.getByRole('button', { name: 'Mix by my own label' }).click();
  await fillLabel(page, {
    from: 'bacillus-subtilis',
    name: 'Living fungicide',
    rate: '10 to 15 ml per litre',
    water: '300 ml per m²',
    looser: /a m² with its water, the specimen has/,
  });
  await expect(page.getByText(/Your own label sheet. Living fungicide/)).toBeVisible();
  // a rate typed by the specimen's figures is not the label's
  await expect(rate).toHaveValue('12.5');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  await page.getByRole('button', { name: 'Start measuring' }).click();
  const titles = await allCards(page);
  // a living suspension is no Bt, and nothing of it is a powder
  expect(titles.join(' ')).toContain('Measure the Bacillus subtilis');
  expect(titles.join(' ')).not.toMatch(/slurry|Bt\b/);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
  const { treatments } = (await (await page.request.get('/api/v1/treatments')).json()) as { treatments: { broke: string[]; pickFrom: string | null }[] };
  expect(treatments[0]?.broke).toEqual([]);

  // a week on the spray goes on once more, with its reason and amounts
  await server.restart('2026-05-24T19:15:00Z');
  await fairWeather(page, '2026-05-24T00:00:00Z', 6, { rh: 80 });
  await page.goto('/');
  await page
    .getByRole('button', { name: /Strawberries, 2nd round|Strawberries.*count again/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'The same again' }).click();
  await planFor(page);
  await expect(page.getByText(/Decided again B\. subtilis spray/)).toBeVisible();
});
