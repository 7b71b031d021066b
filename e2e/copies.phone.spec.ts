import { accessible, expect, test } from './fixtures';

test('a copy of the garden is made on a press, read back, listed, and taken away', async ({ page, server }) => {
  await page.goto(`${server.base}/settings`);
  await expect(page.getByText('None yet: the first is made within minutes of the start.')).toBeVisible();
  await page.getByRole('button', { name: 'Make a copy now' }).click();
  await expect(page.getByText(/^Copied, and read back whole: \d/)).toBeVisible();
  const away = page.getByRole('button', { name: /^Take away the copy of .* by you$/ });
  await expect(away).toHaveCount(1);
  await accessible(page);
  const download = page.waitForEvent('download');
  await away.click();
  expect((await download).suggestedFilename()).toMatch(/^now-.*\.db$/);
  const [copy] = (await (await page.request.get('/api/v1/copies')).json()) as { name: string; bytes: number }[];
  const file = await page.request.get(`/api/v1/copies/${copy?.name}`);
  expect([file.headers()['content-disposition'], (await file.body()).length]).toEqual([`attachment; filename=${copy?.name}`, copy?.bytes]);
});
