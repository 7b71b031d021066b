import { expect, onDevice, plant, settle, test } from './kit';

test.use({ running: true, serviceWorkers: 'allow' });

const DES_MOINES = {
  name: 'Corner lot',
  latitude: 41.6,
  longitude: -93.6,
  zone: 'America/Chicago',
  country: 'US',
  units: 'us',
  now: '2026-07-08T22:30:00Z',
} as const;

test('yellow leaves and nothing more: asked closely, answers that can not be are said, and what would settle it is told', async ({ page, server, context }) => {
  await settle(page, server, DES_MOINES);
  const peppers = await plant(page, { name: 'Peppers', hostId: 'pepper' });
  await page.goto(`/look/${peppers}`);
  await page.getByRole('button', { name: 'Leaf top', exact: true }).click();
  const find = page.getByLabel('Find a sign');
  await find.fill('yellow leaves');
  await page
    .getByRole('button', { name: /^Yellow leaves/ })
    .first()
    .click();
  await expect(page.getByText(/^Not settled: /)).toBeVisible();
  await expect(page.getByText('Look closely. Yellow leaves: which is it?')).toBeVisible();
  await expect(page.getByText(/^Next look:/)).toBeHidden();

  // twice for "not seen"; and then the same is seen more closely
  await find.fill('wilting');
  await page
    .getByRole('button', { name: /^Wilting/ })
    .first()
    .click();
  await page
    .getByRole('button', { name: /^Wilting/ })
    .first()
    .click();
  await find.fill('wilts though the soil is wet');
  await page
    .getByRole('button', { name: /^Wilts though/ })
    .first()
    .click();
  await expect(page.getByText(/Not “wilting”, and yet “wilts though the soil is wet”: both can not be/)).toBeVisible();
  await expect(page.getByText(/^Next look:/)).toBeHidden();
  await page.getByRole('button', { name: 'Clear “wilts though the soil is wet”' }).click();
  await expect(page.getByText(/both can not be/)).toBeHidden();
  await find.fill('');

  // out of reach of the house: naming goes on, and what could not be told is kept
  await onDevice(page);
  await context.setOffline(true);
  // none of the first kinds: the next few are shown, once more
  const none = page.getByRole('button', { name: 'None of these' });
  const ask = page.getByText(/^Next look:/);
  await none.click();
  await expect(ask.or(none).first()).toBeVisible();
  if (await none.isVisible()) await none.click();
  await expect(ask).toBeVisible();
  for (let i = 0; i < 10 && (await ask.isVisible()); i++) {
    const asked = await ask.innerText();
    await page.getByRole('button', { name: i % 3 === 1 ? "Can't tell" : 'No', exact: true }).click();
    await expect(page.getByText(asked, { exact: true })).toBeHidden();
  }
  await expect(page.getByText(/More questions would not tell today/)).toBeVisible();
  await page.getByRole('button', { name: 'What now' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByText(/^(Tomorrow morning|With a hand lens|After dark|With a knife|With a trowel).*: .*\?$/).first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Not settled: keep watching' }).click();
  // said on the look, until the device has kept it and goes on to the planting
  const watched = page.getByText(/^Not settled, and watched: look again on .*kept on this device/);
  await expect(watched.or(page.getByRole('link', { name: /^1 kept on this device/ })).first()).toBeVisible();
  await context.setOffline(false);

  // three days on it is due, and goes on from what was seen
  await server.restart('2026-07-11T22:30:00Z');
  await page.goto('/');
  await page.getByRole('button', { name: /^Look again: Peppers/ }).click();
  await expect(page.getByRole('button', { name: 'Yellow leaves: seen' })).toBeVisible();
  await find.fill('green veins');
  // it may have been denied three days ago: one more tap clears that, the next one sees it
  const veins = page.getByRole('button', { name: /^Old leaves yellow, veins green/ }).first();
  const wasNot = (await veins.getAttribute('aria-label'))?.endsWith('not seen');
  for (let i = 0; i < (wasNot ? 2 : 1); i++) await veins.click();
  await find.fill('');
  await expect(page.getByRole('button', { name: 'Old leaves yellow, veins green: seen' })).toBeVisible();
  await expect(page.getByText(/magnesium/i).first()).toBeVisible();
});
