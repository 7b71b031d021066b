import { allCards, expect, fairWeather, openCase, plant, planFor, settle, sprayer, take, test, fillLabel } from './kit';

// Cabbages in the cool season of the plains, in January, when they are at their best and so are the aphids; a label that
// says nothing of bees and of what kills beneath its trade words.
test('winter cabbages on the plains with a bottle that plays itself down, and what to say on the phone', async ({ page, server }) => {
  await settle(page, server, {
    name: 'Canal Bank',
    latitude: 28.6,
    longitude: 77.2,
    zone: 'Asia/Kolkata',
    country: 'IN',
    units: 'metric',
    now: '2026-01-20T12:10:00Z',
  });
  await sprayer(page, 'Hand sprayer', 2000);
  const bed = await plant(page, { name: 'Cabbages', hostId: 'cabbage', areaM2: 12, pickFrom: '2026-02-20', pickUntil: '2026-03-10' });
  await fairWeather(page, '2026-01-20T00:00:00Z', 10, { t: 16, rh: 65 });

  await page.goto('/shed/new?from=pyrethrins');
  await fillLabel(page, {
    from: 'pyrethrins',
    name: 'Garden insect killer',
    rate: '1 ml per litre',
    water: '100 ml per m²',
    form: async (p) => {
      await p.getByLabel('Active ingredient').fill('Permethrin (cis:trans 25:75)');
      await p.getByLabel('Strength, %').fill('2');
      await p.getByRole('radio', { name: 'Nothing said' }).click();
      await p.getByRole('checkbox', { name: 'Harmful to fish' }).click();
      await p.getByLabel('First aid, as printed').fill('If on skin: wash with plenty of soap and water.');
      await p.getByLabel('Note to a doctor, as printed').fill('No specific antidote. Treat symptomatically.');
    },
    line: async (p) => {
      await p.getByLabel('Picking wait, d').fill('7');
    },
  });
  // what differs from the specimen is said, and is meant
  await expect(page.getByText('It minds bees less than the specimen.')).toBeVisible();
  await expect(page.getByText('The specimen is harmful to fish, this is not.')).toBeVisible();
  await page.getByRole('checkbox', { name: 'My label does say so, all of it' }).click();
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Garden insect killer' })).toBeVisible();
  await expect(page.getByText('mode of action: IRAC 3A')).toBeVisible();

  await openCase(page, bed, 'Underside', ['Grey floury crowds'], ['6', '10']);
  // January is no winter here: what is there is reached
  await expect(page.getByRole('button', { name: /^Soap spray Now/ })).toBeVisible();
  // and whatever the bottle says, it is what it is
  await page.getByRole('button', { name: /^Pyrethrin spray: Garden insect killer/ }).click();
  await expect(page.getByRole('dialog', { name: 'Pyrethrin spray' })).toContainText(/1 ml per litre/);
  await page.getByRole('button', { name: 'Close' }).click();

  await take(page, /^Pyrethrin spray: Garden insect killer/, 'The soap is finished');
  await page.getByRole('button', { name: 'Poison help' }).click();
  const help = page.getByRole('dialog', { name: 'Poison help' });
  await expect(help.getByText('This one')).toBeVisible();
  await expect(help.getByText('First aid: If on skin: wash with plenty of soap and water.')).toBeVisible();
  await expect(help.getByText('Tell the doctor: No specific antidote. Treat symptomatically.')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  const when = await planFor(page);
  if (when === 'later') await server.restart('2026-01-20T13:00:00Z');
  await page.reload();
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await allCards(page);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count again|Look again/i).first()).toBeVisible();

  // at night somebody feels ill: the bench is one tap from what was used, when, and on what
  await server.restart('2026-01-20T18:30:00Z');
  await page.goto('/bench');
  await page.getByRole('button', { name: 'Poison help' }).click();
  await expect(page.getByRole('dialog', { name: 'Poison help' }).getByText(/^Used Tue 20 Jan 17:\d\d on Cabbages: 1\.25 ml in 1\.25 l of mix$/)).toBeVisible();
  await expect(page.getByRole('dialog', { name: 'Poison help' }).getByText(/^Active ingredient: Permethrin/)).toBeVisible();
});
