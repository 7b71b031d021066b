import { accessible, expect, larkfold, nameTheAphid, test } from './fixtures';

test('list and detail side by side, by keys; a planned case shows its hours on Today', async ({ page }) => {
  await nameTheAphid(page);
  await expect(page.getByRole('heading', { name: 'Cases' })).toBeVisible();
  // the advised: tips out, and who is left between them squashed
  await expect(page.getByText('With squash them')).toBeVisible();
  await page.getByRole('button', { name: 'Pinch out the tips', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Now is open: do it now' })).toBeVisible();
  await accessible(page);
  await page.locator('body').press('1');
  await expect(page.getByText(/Open hours: pinch out the tips/)).toBeVisible();
  await page.locator('body').press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden();
  await page.locator('body').press('5');
  await expect(page.getByRole('heading', { name: 'Shed' })).toBeVisible();
});

test('a conventional product is not mixed before its label was checked', async ({ page }) => {
  await page.goto('/bench/amount');
  await page.getByRole('button', { name: /^Product: / }).click();
  await page.getByRole('button', { name: 'Malathion 50 EC' }).click();
  await page.getByRole('button', { name: 'Check it against my label' }).click();
  const same = page.getByRole('button', { name: 'My label says the same' });
  await expect(same).toBeDisabled();
  for (const box of await page.getByRole('checkbox').all()) await box.click();
  await same.click();
  await expect(page.getByRole('button', { name: /Checked against my label/ })).toBeVisible();
  await page.goto(`/cases/${larkfold(201)}`);
  await expect(page.getByText('Look again').first()).toBeVisible();
});
