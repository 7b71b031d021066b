import { allCards, expect, openCase, plant, planFor, settle, sprayer, take, test, typeLabel, weatherFile } from './kit';

test.use({ running: true });

// Zucchini in Oregon with powdery mildew, a bicarbonate as its label is printed: by the tablespoon, twice a year.
test('the label of one’s own carries the season: two rounds, and then it is used up', async ({ page, server, context }) => {
  test.setTimeout(170_000);
  await settle(page, server, {
    name: 'Mill Race',
    latitude: 44.6,
    longitude: -123.3,
    zone: 'America/Los_Angeles',
    country: 'US',
    units: 'us',
    now: '2026-07-20T02:30:00Z',
  });
  await sprayer(page, 'Pump sprayer', 3785.411784);
  const bed = await plant(page, {
    name: 'Zucchini',
    hostId: 'courgette',
    stage: 'fruiting',
    areaM2: 9.290304,
    pickFrom: '2026-07-10',
    pickUntil: '2026-09-20',
  });
  const fair = (from: string, days: number) => weatherFile(page, from, 24 * days, (i) => ({ t: i % 24 < 12 ? 22 : 14, rh: 70 }));
  await fair('2026-07-05T07:00:00Z', 25);
  await typeLabel(page, {
    from: 'potassium-bicarbonate',
    name: 'Bicarbonate powder',
    rate: '2½ to 5 tbsp/gal',
    looser: /0 days to wait before picking, the specimen has 1 day/,
    line: async (p) => {
      await p.getByLabel('Picking wait, d').fill('0');
      await p.getByLabel('Days between, d').fill('7');
      await p.getByLabel('Most a year').fill('2');
    },
  });
  const round = async (away = false) => {
    await planFor(page);
    await page.getByRole('button', { name: 'Start measuring' }).click();
    await expect(page.getByText(/^Step 1 of \d+$/)).toBeVisible();
    await page.waitForLoadState('networkidle');
    await context.setOffline(away);
    await allCards(page);
    await page.getByRole('button', { name: 'Keep the record' }).click();
    await expect(page.getByText(/count the same/)).toBeVisible();
  };
  await openCase(page, bed, 'Leaf top', ['White powder on top'], ['3', '12']);
  await take(page, /Bicarbonate powder/, 'It spreads up the plants');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await round();
  // what the label leaves is said where the course is, and the course says no more than that
  await expect(page.getByText('Its label allows one more this year.')).toBeVisible();
  await page.goto('/season');
  await page.getByRole('button', { name: 'Plantings' }).click();
  await expect(page.getByRole('button', { name: /^Potassium bicarbonate spray\s*1 of 2\s*Its label allows one more this year\.$/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^2nd round/ })).toHaveCount(1);
  await expect(page.getByRole('button', { name: /^2nd round/ })).toContainText('about 26 Jul');
  await page.waitForLoadState('networkidle');

  // a week on it stands on Today with its hour, and is done from there
  await server.restart('2026-07-27T02:40:00Z');
  await fair('2026-07-18T07:00:00Z', 16);
  await page.goto('/');
  await page.getByRole('button', { name: /^Zucchini, 2nd round/ }).click();
  await expect(page).toHaveURL(/\/cases\//);
  await page.getByRole('button', { name: 'The same again' }).click();
  await page
    .getByRole('button', { name: 'Keep these amounts' })
    .or(page.getByRole('button', { name: /^(Now is open|Plan it for)/ }))
    .first()
    .waitFor();
  const amounts = page.getByRole('button', { name: 'Keep these amounts' });
  if (await amounts.isVisible()) await amounts.click();
  // out of reach while it is measured: it is written down all the same, and is at home later, once
  await round(true);
  await context.setOffline(false);
  await expect(page.getByText('Its label allows no more of it this year. Decide again for what else will do.')).toBeVisible();
  await page.goto('/season');
  await page.getByRole('button', { name: 'Plantings' }).click();
  await expect(page.getByText(/^Its label allows no more of it this year\./)).toBeVisible();
  await expect(page.getByRole('button', { name: /^3rd round/ })).toHaveCount(0);
  await expect.poll(async () => ((await (await page.request.get('/api/v1/treatments')).json()) as { treatments: unknown[] }).treatments.length).toBe(2);
  const { treatments } = (await (await page.request.get('/api/v1/treatments')).json()) as { treatments: { broke: string[]; sheet: { name: string } | null }[] };
  expect(treatments.map((t) => [t.sheet?.name, t.broke])).toEqual([
    ['Bicarbonate powder', []],
    ['Bicarbonate powder', []],
  ]);
});
