import { expect, lookAtSky, openCase, plant, settle, test } from './kit';

// Striped beetles on an allotment in the Fens, where they are not at home: the office hears of it before anything is touched.
test('a beetle that must be reported is reported first, and then picked', async ({ page, server }) => {
  await settle(page, server, {
    name: 'Drain Side',
    latitude: 52.4,
    longitude: 0.1,
    zone: 'Europe/London',
    country: 'GB',
    units: 'imperial',
    now: '2026-07-08T17:30:00Z',
  });
  const row = await plant(page, { name: 'Potatoes', hostId: 'potato', areaM2: 12, stage: 'growing' });
  await openCase(page, row, 'Leaf top', ['Domed ten-striped beetles', 'Fat red-orange humped grubs'], ['3', '20']);

  await expect(page.getByText('Report first')).toBeVisible();
  await expect(page.getByText(/One beetle or grub into a closed jar for the office/)).toBeVisible();
  await page.getByRole('button', { name: /^Pick off and squash Not now/ }).click();
  await expect(page.getByRole('dialog').getByText(/It must be reported where you live: do not move, cut or spray it/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  // nothing of it can be taken by supposing that it was reported
  await page.getByRole('switch', { name: 'What if: I reported it, and have their answer' }).click();
  await expect(page.getByText(/Then open: .*pick off and squash/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'It is so: write it down' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to how it is' }).first().click();

  await page.getByRole('button', { name: 'Report it first' }).click();
  await page.getByRole('button', { name: /Now is open: do it now/ }).click();
  await page.getByRole('button', { name: 'Done: write it down' }).click();
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByRole('button', { name: 'They have answered: go on' })).toBeVisible();

  // the answer is in, a restart has lost nothing, and the ladder is open
  await server.restart('2026-07-09T17:30:00Z');
  await page.goto('/cases');
  await page.getByRole('button', { name: /[Bb]eetle/ }).click();
  await page.getByRole('button', { name: 'They have answered: go on' }).click();
  await expect(page.getByText('Gentlest that will do')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Pick off and squash Now/ })).toBeVisible();
  // no weather is known here: a look at the sky opens what is sprayed, and a restart keeps it
  await expect(page.getByRole('button', { name: /^Spinosad spray Not now/ })).toBeVisible();
  await lookAtSky(page, '17');
  await server.restart('2026-07-09T17:40:00Z');
  await page.reload();
  await expect(page.getByText(/^By your look at the sky/)).toBeVisible();
  await page.getByRole('button', { name: /^Spinosad spray/ }).click();
  await expect(page.getByRole('dialog').getByText(/No weather is known here/)).toHaveCount(0);
});
