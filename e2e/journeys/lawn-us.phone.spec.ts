import { allCards, expect, fairWeather, onDevice, openCase, plant, planFor, settle, sprayer, take, test, typeLabel } from './kit';

test.use({ running: true, serviceWorkers: 'allow' });

// A lawn in Ohio with sod webworms: a label of one's own for turf, by the ounce a thousand square feet, watered in.
test('a lawn goes by its own line: so much for the thousand square feet, and watered in', async ({ page, server, context }) => {
  test.setTimeout(170_000);
  await settle(page, server, {
    name: 'Sycamore Bend',
    latitude: 40.1,
    longitude: -83.1,
    zone: 'America/New_York',
    country: 'US',
    units: 'us',
    now: '2026-08-11T23:30:00Z',
  });
  await sprayer(page, 'Pump sprayer', 2 * 3785.411784);
  const lawn = await plant(page, { name: 'Front lawn', hostId: 'lawn', edible: false, stage: 'growing', areaM2: 46.45152 });
  await fairWeather(page, '2026-08-11T04:00:00Z', 4, { t: 22, rh: 60 });
  await typeLabel(page, {
    from: 'azadirachtin',
    name: 'Azadirachtin for turf',
    rate: '0.75 fl oz/1000 sq ft',
    water: '2 gal per 1000 sq ft',
    line: async (p) => {
      await p.getByRole('button', { name: /^Crops/ }).click();
      await p.getByRole('checkbox', { name: 'Lawns' }).click();
      await p.getByRole('button', { name: 'Close' }).last().click();
      await p.getByLabel('Watered in with, in').fill('0.25');
    },
  });
  await expect(page.getByText(/watered in with 0\.25 in/)).toBeVisible();
  await openCase(page, lawn, 'Soil', ['Slim caterpillars in the turf'], ['3', '10']);
  await expect(page.getByText('Gentlest that will do').first()).toBeVisible();
  await take(page, /Azadirachtin for turf/, 'It browns as I look at it');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await onDevice(page);
  await page.waitForLoadState('networkidle');
  await context.setOffline(true);
  const titles = await allCards(page);
  expect(titles.join(' | ')).toContain('Water it in');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
  await context.setOffline(false);
  const kept = async () => ((await (await page.request.get('/api/v1/treatments')).json()) as { treatments: { amount: number; broke: string[] }[] }).treatments;
  await expect.poll(async () => (await kept()).length).toBe(1);
  // source: NIST Handbook 44, Appendix C: 1 fl oz = 29.5735 ml; half of 1,000 sq ft takes half of 0.75
  const [round] = await kept();
  expect(round?.amount).toBeCloseTo(11.09, 0);
  expect(round?.broke).toEqual([]);
});
