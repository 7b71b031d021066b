import { expect, plant, settle, test } from './kit';

test.use({ running: true });

// Soap from sunflower and olive oil in a Tuscan kitchen garden, over its days, and its first use on the roses.
test('soap from sunflower and olive oil over its days, then on plants and in the record', async ({ page, server }) => {
  await settle(page, server, { name: 'Orto', latitude: 43.8, longitude: 11.2, zone: 'Europe/Rome', units: 'metric', now: '2026-06-01T08:00:00Z' });
  await plant(page, { name: 'Roses', hostId: 'rose', areaM2: 3, edible: false });
  await page.goto('/bench/soap');
  await page.getByRole('button', { name: /^It goes from there, cooled, into:/ }).click();
  await page.getByRole('button', { name: 'Wood' }).click();
  await expect(page.getByText(/lye soaks into wood/)).toBeVisible();
  await page.getByRole('button', { name: /^It goes from there, cooled, into:/ }).click();
  await page.getByRole('button', { name: 'Plastic marked for hot lye' }).click();
  await page.getByRole('button', { name: 'Begin, card by card' }).click();
  for (;;) {
    const said = await page.getByText(/^Step \d+ of \d+$/).innerText();
    for (const box of await page.getByRole('checkbox').all()) if ((await box.getAttribute('aria-checked')) !== 'true') await box.click();
    const last = page.getByRole('button', { name: 'Keep the batch' });
    if (await last.isVisible()) {
      await last.click();
      break;
    }
    await page.getByRole('button', { name: /^(All of it is on|The lye is in the water|Done)$/ }).click();
    await expect(page.getByText(said, { exact: true })).toBeHidden();
  }
  await expect(page.getByText(/It rests 48 hours/)).toBeVisible();
  await server.restart('2026-06-03T10:00:00Z');
  await page.reload();
  await page.getByRole('button', { name: 'It is thinned' }).click();
  await page.getByRole('button', { name: 'Stirred, 4 or 5 slow turns' }).click();
  await server.restart('2026-06-12T10:00:00Z');
  await page.reload();
  await page.getByRole('button', { name: 'Is it ready?' }).click();
  const ready = page.getByRole('button', { name: 'It is ready: put it in the shed' });
  await expect(ready).toBeDisabled();
  await expect(page.getByText(/pH strip .* no lye is left/)).toBeVisible();
  for (const box of await page.getByRole('dialog').getByRole('checkbox').all()) await box.click();
  await ready.click();
  await page.getByRole('button', { name: 'Used some: write it down' }).click();
  await page.getByRole('button', { name: /^On:/ }).click();
  await page.getByRole('checkbox', { name: 'Roses' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('radio', { name: 'Upkeep' }).click();
  await page.getByLabel('Product used, in all, ml').fill('30 ml');
  await page.getByLabel(/^Mix put on/).fill('2');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByRole('heading', { name: 'Records' })).toBeVisible();
  await expect(page.getByText(/Soap spray, roses/)).toBeVisible();
});
