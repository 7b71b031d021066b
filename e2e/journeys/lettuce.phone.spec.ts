import { allCards, expect, fairWeather, onDevice, openCase, plant, planFor, settle, take, test } from './kit';

test.use({ serviceWorkers: 'allow' });

// Lettuces in a wet winter on the south coast of Australia; bait thinly, and a walk out of reach of the house.
test('lettuces with slug bait, and a walk that is finished out of reach', async ({ page, server, context }) => {
  await settle(page, server, {
    name: 'Tin Shed',
    latitude: -38.1,
    longitude: 144.3,
    zone: 'Australia/Melbourne',
    units: 'australian',
    now: '2026-07-03T06:30:00Z',
  });
  const bed = await plant(page, { name: 'Lettuces', hostId: 'lettuce', areaM2: 6, pickFrom: '2026-07-20', pickUntil: '2026-09-01' });
  await plant(page, { name: 'Leeks', hostId: 'leek', areaM2: 5 });
  await fairWeather(page, '2026-07-03T00:00:00Z', 20, { t: 11, rh: 85 });
  await openCase(page, bed, 'Leaf top', ['Ragged holes', 'Silver slime trail'], ['7', '20']);
  await take(page, /^Iron phosphate/, 'Every night');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  if (!(await page.getByRole('button', { name: 'Start measuring' }).isVisible())) {
    await server.restart('2026-07-03T07:15:00Z');
    await page.reload();
  }
  await page.getByRole('button', { name: 'Start measuring' }).click();
  const titles = await allCards(page);
  expect(titles.join(' ')).toContain('Scatter it');
  expect(titles.join(' ')).not.toMatch(/Spray|Rinse the sprayer|Fill/);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();

  // round the beds where the house does not reach: nothing of it is lost, and it says so
  await page.goto('/garden');
  await expect(page.getByText('Leeks')).toBeVisible();
  await page.keyboard.press('w');
  await page.getByRole('button', { name: 'Start a walk' }).click();
  await expect(page.getByRole('button', { name: 'All clear: next' })).toBeVisible();
  await page.waitForTimeout(1500);
  await onDevice(page);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'All clear: next' }).click();
  await page.getByRole('button', { name: 'All clear: next' }).click();
  await expect(page.getByText('Walk done')).toBeVisible();
  await expect(page.getByText('1 kept on this device, not yet at home')).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Back to the garden' }).click();
  await expect(page.getByText('1 kept on this device, not yet at home')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/kept on this device/)).toBeHidden({ timeout: 30_000 });
  await expect
    .poll(async () => ((await (await page.request.get('/api/v1/walks')).json()) as { finishedAt: string | null }[])[0]?.finishedAt ?? null)
    .not.toBeNull();
  const walks = (await (await page.request.get('/api/v1/walks')).json()) as { finishedAt: string | null; stops: { state: string }[] }[];
  expect(walks).toHaveLength(1);
  expect(walks[0]?.finishedAt).not.toBeNull();
  expect(walks[0]?.stops.map((s) => s.state)).toEqual(['clear', 'clear']);

  await server.restart('2026-07-10T06:30:00Z');
  await page.goto('/');
  await page
    .getByRole('button', { name: /Lettuces.*(2nd round|count again)/ })
    .first()
    .click();
  await expect(page.getByText(/Look again/).first()).toBeVisible();
});
