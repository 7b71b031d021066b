import { allCards, expect, fairWeather, openCase, plant, planFor, settle, sprayer, take, test, typeLabel } from './kit';

test.use({ running: true });

// A lilac hedge and a birch by a drive in the Midwest; two labels as they are printed there.
test('a lilac with a drench by the foot of height, a birch by the inch round; the clock runs', async ({ page, server }) => {
  await settle(page, server, { name: 'Long Drive', latitude: 41.6, longitude: -93.6, zone: 'America/Chicago', units: 'us', now: '2026-06-12T23:30:00Z' });
  await sprayer(page, 'Garden sprayer', 7570.823568);
  const lilac = await plant(page, { name: 'Lilac hedge', hostId: 'other-shrub', areaM2: 5, heightM: 1.8288, edible: false, stage: 'fruiting' });
  const birch = await plant(page, { name: 'Birch', hostId: 'birch', areaM2: 20, heightM: 9, trunkCm: 63.5, edible: false });
  await fairWeather(page, '2026-06-12T00:00:00Z', 50);

  await typeLabel(page, { from: 'imidacloprid-drench', name: 'Shrub drench', rate: '3 fl oz per foot of height' });
  await openCase(page, lilac, 'Leaf top', ['Sticky shine', 'Black sooty film', 'Stem: White egg sacs like ribbon'], ['6', '10']);
  // bees visit it: only after the last petal, and somebody has to have looked
  await page.getByRole('switch', { name: 'What if: I looked: no flower is open' }).click();
  await page.getByRole('button', { name: 'It is so: write it down' }).click();
  await expect(page.getByRole('switch', { name: 'What if: I looked: no flower is open' })).toHaveCount(0);
  await take(page, /^Systemic.*Shrub drench/, 'The hedge is too big to wipe');
  // spoons alone do not reach: the cup that hangs in the kitchen is added from here, and the mix goes on
  await expect(page.getByText(/more than 12 of your largest spoon/)).toBeVisible();
  await page.getByRole('button', { name: 'Add a spoon, cup, jug or scale' }).click();
  await page.getByLabel('Name', { exact: true }).fill('measuring cup');
  await page.getByLabel('Holds, level, ml').fill('8 fl oz');
  await expect(page.getByText('Understood: 236.588 ml')).toBeVisible();
  await page.getByRole('button', { name: 'Add it' }).click();
  // 3 fl oz × 6 ft: 18 fl oz, and water that the label does not name is proposed, never none
  await expect(page.getByText(/^(18 fl oz|1 pt 2 fl oz)$/).first()).toBeVisible();
  await expect(page.getByText(/Your label names no water|Your label names none/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  if ((await planFor(page)) === 'later') {
    await server.restart('2026-06-13T01:40:00Z');
    await page.reload();
  }
  await page.getByRole('button', { name: 'Start measuring' }).click();
  const titles = await allCards(page);
  expect(titles.join(' ')).toContain('Pour it on');
  expect(titles.join(' ')).not.toMatch(/Spray\b|Fill to 0/);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();

  // the birch: by the tape round it
  await typeLabel(page, {
    from: 'dinotefuran-trunk',
    name: 'Trunk powder',
    rate: '2 g per inch round the trunk',
    water: '',
  });
  await openCase(page, birch, 'Underside', ['Green or pink crowds', 'Leaf top: Sticky shine'], ['8', '10']);
  await take(page, /^Trunk.*Trunk powder|^Systemic trunk|Trunk powder/, 'It is a fine tree');
  // 63.5 cm is 25 in: 50 g; spoons of a powder are too rough for one single rate, and it says so
  await expect(page.getByText(/Weighing it would be nearer/)).toBeVisible();
  await page.getByRole('button', { name: 'Add a spoon, cup, jug or scale' }).click();
  await page.getByRole('radio', { name: 'Scale' }).click();
  await page.getByLabel('Name', { exact: true }).fill('kitchen scale');
  await page.getByLabel('Weighs up to, g').fill('11 lb');
  await page.getByLabel('Shows steps of, g').fill('1');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText(/Weighing it would be nearer/)).toBeHidden();
  await expect(page.getByText(/exact 50 g|50 g on|^1¾ oz$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  if ((await planFor(page)) === 'later') {
    await server.restart('2026-06-13T01:40:00Z');
    await page.reload();
  }
  await page.getByRole('button', { name: 'Start measuring' }).click();
  const bark = await allCards(page);
  expect(bark.join(' ')).toContain('Spray the trunk');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
  const { treatments } = (await (await page.request.get('/api/v1/treatments')).json()) as {
    treatments: { amount: number; broke: string[]; loads: { madeAt: string | null }[] }[];
  };
  expect(treatments.flatMap((t) => t.broke)).toEqual([]);
  expect(treatments.every((t) => t.loads.every((l) => l.madeAt !== null))).toBe(true);

  // weeks later the hedge is counted again: slow is given its time, nothing stronger comes first
  await server.restart('2026-07-31T23:30:00Z');
  await page.goto('/');
  await page.getByRole('button', { name: /Lilac hedge.*count again/ }).click();
  await page.getByRole('button', { name: 'Look and count now' }).click();
  await page.getByLabel(/ with it$/).fill('3');
  await page.getByLabel(/ looked at$/).fill('10');
  await page.getByRole('button', { name: 'Keep the count' }).click();
  await expect(page.getByRole('button', { name: 'Leave it and look again' })).toBeVisible();
  await expect(page.getByText(/licensed/i)).toBeHidden();
});
