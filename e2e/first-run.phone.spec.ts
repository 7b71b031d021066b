import { expect, test } from './fixtures';

test.use({ demo: false });

test('an empty garden: set up, first planting, and each place says what to do first', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Your garden' })).toBeVisible();
  // nobody has to know a latitude: the country, then a town of the list
  await page.getByRole('button', { name: /Keep this and add/ }).click();
  await expect(page.getByText(/Choose the country: what may be used/)).toBeVisible();
  await page.getByRole('button', { name: /^Country: / }).click();
  await page.getByLabel('Find', { exact: true }).fill('great brit');
  await page.getByRole('button', { name: /^United Kingdom/ }).click();
  await page.getByRole('button', { name: /Keep this and add/ }).click();
  await expect(page.getByText('Choose a town near you, or use this device’s position.')).toBeVisible();
  await page.getByLabel('Town or village').fill('alnw');
  await page.getByRole('button', { name: /^Alnwick/ }).click();
  await expect(page.getByText(/^55\.41\d?° north, 1\.\d+° west · Europe\/London$/)).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Imperial' })).toBeChecked();
  await expect(page.getByLabel('Emergency number where you are')).toHaveValue('999');
  // and who does may change it
  await page.getByRole('button', { name: 'Change the exact place' }).click();
  await page.getByLabel('Latitude, °').fill('north');
  await page.getByRole('button', { name: /Keep this and add/ }).click();
  await expect(page.getByText('“north” is not a number. Use figures, such as 12 or 0.5.')).toBeVisible();
  await page.getByLabel('Latitude, °').fill('55.2');
  await page.getByRole('radio', { name: 'Metric' }).click();
  await page.getByRole('radio', { name: 'Certified organic only' }).click();
  await page.getByRole('button', { name: /Keep this and add/ }).click();

  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Leeks');
  await page.getByRole('button', { name: /^Plant: / }).click();
  await page.getByRole('button', { name: 'Leeks' }).click();
  await page.getByLabel('Area, m²').fill('-2');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByText('The area must be more than 0.')).toBeVisible();
  await page.getByLabel('Area, m²').fill('6');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByRole('heading', { name: 'Leeks' })).toBeVisible();

  await page.getByRole('button', { name: 'Edit' }).click();
  await page.getByRole('button', { name: 'Remove this planting' }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('heading', { name: 'Leeks' })).toBeVisible();
});

test('the place by the device’s own position; where it will not say, a town does', async ({ page, context }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: /^Country: / }).click();
  await page.getByLabel('Find', { exact: true }).fill('new zea');
  await page.getByRole('button', { name: /^New Zealand/ }).click();
  await page.getByRole('button', { name: 'Use this device’s position' }).click();
  await expect(page.getByText('The device does not say where it is: choose a town near you.')).toBeVisible();

  await context.grantPermissions(['geolocation']);
  await context.setGeolocation({ latitude: -43.5321, longitude: 172.6362 });
  await page.getByRole('button', { name: 'Use this device’s position' }).click();
  await expect(page.getByText(/^43\.53\d?° south, 172\.6\d+° east · Pacific\/Auckland$/)).toBeVisible();
  await page.getByRole('button', { name: /Keep this and add/ }).click();
  await expect(page.getByLabel('Name', { exact: true })).toBeVisible();
  const garden = (await (await page.request.get('/api/v1/garden')).json()) as Record<string, unknown>;
  expect(garden).toMatchObject({ country: 'NZ', zone: 'Pacific/Auckland' });
});

test('set-up can be put off; nothing is blank', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(page.getByText('Finish setting up')).toBeVisible();
  for (const [place, says] of [
    ['/garden', 'Nothing planted yet'],
    ['/cases', 'No cases yet'],
    ['/records', 'Nothing done yet'],
    ['/shed', /Add the sprayer you own/],
  ] as const) {
    await page.goto(place);
    await expect(page.getByText(says)).toBeVisible();
  }
});

test('weather from a file: a gap is named by its line, a good one is taken', async ({ page }) => {
  await page.goto('/settings');
  const rows = Array.from({ length: 30 }, (_, i) => `${new Date(Date.UTC(2026, 4, 24, 18 + i)).toISOString()},12,70,3,0,0.5`);
  const load = async (lines: string[]) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Load a CSV of hours' }).click();
    await (
      await chooser
    ).setFiles({ name: 'hours.csv', mimeType: 'text/csv', buffer: Buffer.from(['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...lines].join('\n')) });
  };
  await load(rows.filter((_, i) => i !== 4));
  await expect(page.getByText(/Line 6: .*hours are missing or out of order/)).toBeVisible();
  await load(rows);
  await expect(page.getByText(/30 hours loaded/)).toBeVisible();
});

test('Back closes what is open and leaves the screen and its words as they were', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Later' }).click();
  await page.goto('/garden/new');
  const back = () => page.evaluate(() => window.history.back());
  const closes = async () => {
    await page.getByLabel('Name', { exact: true }).fill('Leeks by the wall');
    await page.getByRole('button', { name: /^Plant:/ }).click();
    await expect(page.getByRole('dialog', { name: 'Plant' })).toBeVisible();
    await back();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page).toHaveURL(/garden\/new$/);
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Leeks by the wall');
  };
  await test.step('on the first page of a visit', closes);
  await test.step('and once more', closes);
  // closed by its own button, Back means the screen again
  await page.goto('/garden');
  await page
    .getByRole('link', { name: /planting/ })
    .or(page.getByRole('button', { name: /planting/ }))
    .first()
    .click();
  await expect(page).toHaveURL(/garden\/new$/);
  await page.getByRole('button', { name: /^Plant:/ }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await back();
  await expect(page).toHaveURL(/garden$/);
});
