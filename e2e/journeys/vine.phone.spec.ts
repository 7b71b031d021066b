import { allCards, expect, lookAtSky, openCase, plant, planFor, settle, sprayer, take, test, typeLabel } from './kit';

test.use({ running: true });

// A vine in a glasshouse in Otago in early summer; wettable sulfur as the pack prints it.
test('a vine under glass with sulfur by the gram, and again', async ({ page, server }) => {
  await settle(page, server, { name: 'Old Glass', latitude: -45.2, longitude: 169.4, zone: 'Pacific/Auckland', units: 'metric', now: '2026-11-20T06:30:00Z' });
  await sprayer(page, 'Pump sprayer', 5000);
  const vine = await plant(page, { name: 'Vine', hostId: 'grape', site: 'tunnel', areaM2: 8, pickFrom: '2027-02-20', pickUntil: '2027-03-20' });
  await typeLabel(page, {
    from: 'wettable-sulfur',
    name: 'Sulfur 800',
    rate: '3 g per litre',
    water: '0.3 l per m²',
    form: (p) => p.getByRole('checkbox', { name: /^Under cover/ }).click(),
    looser: /^For under cover, the specimen is for outdoors only/,
  });
  await openCase(page, vine, 'Leaf top', ['White powder on top'], ['9', '30']);
  await take(page, /Sulfur 800/, 'On every second leaf');
  const amounts = page.getByRole('button', { name: 'Keep these amounts' });
  if (
    await page
      .getByRole('button', { name: 'Add a spoon, cup, jug or scale' })
      .isVisible()
      .catch(() => false)
  ) {
    await page.getByRole('button', { name: 'Add a spoon, cup, jug or scale' }).click();
    await page.getByRole('radio', { name: 'Scale' }).click();
    await page.getByLabel('Name', { exact: true }).fill('letter scale');
    await page.getByLabel('Weighs up to, g').fill('500');
    await page.getByLabel('Shows steps of, g').fill('0.1');
    await page.getByRole('button', { name: 'Add it' }).click();
  }
  await expect(amounts).toBeEnabled();
  await amounts.click();
  // no station, no file: a look at the sky opens this evening
  await lookAtSky(page, '19');
  const when = await planFor(page);
  if (when === 'later') {
    await server.restart('2026-11-20T08:00:00Z');
    await page.reload();
  }
  const start = page.getByRole('button', { name: 'Start measuring' });
  await expect(start.or(page.getByText(/Planned for/)).first()).toBeVisible();
  await start.click();
  const titles = await allCards(page);
  expect(titles.join(' ')).toContain('Stir to a slurry, then pour in');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
});
