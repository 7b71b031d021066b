import { join } from 'node:path';
import { accessible, expect, larkfold, test } from './fixtures';

test('a copy of the garden is made on a press, read back, listed, and taken away', async ({ page, server }) => {
  await page.goto(`${server.base}/settings`);
  await expect(page.getByText('None yet: the first is made within minutes of the start.')).toBeVisible();
  await page.getByRole('button', { name: 'Make a copy now' }).click();
  await expect(page.getByText(/^Copied, and read back whole: \d/)).toBeVisible();
  const open = page.getByRole('button', { name: /^Open the copy of .* by you$/ });
  await expect(open).toHaveCount(1);
  await accessible(page);
  await open.click();
  const away = page.getByRole('button', { name: /^Take away the copy of .* by you$/ });
  const download = page.waitForEvent('download');
  await away.click();
  expect((await download).suggestedFilename()).toMatch(/^now-.*\.db$/);
  const [copy] = (await (await page.request.get('/api/v1/copies')).json()) as { name: string; bytes: number }[];
  const file = await page.request.get(`/api/v1/copies/${copy?.name}`);
  expect([file.headers()['content-disposition'], (await file.body()).length]).toEqual([`attachment; filename=${copy?.name}`, copy?.bytes]);
});

test('a garden goes out as a file, comes in again as a copy, is looked into, put back, and that is taken back', async ({ page, server }) => {
  // while a copy is put back the house says so, and is asked again
  const names = async () => {
    const res = await page.request.get('/api/v1/plantings');
    return res.ok() ? ((await res.json()) as { name: string }[]).map((p) => p.name) : [];
  };
  const was = await names();
  await page.goto(`${server.base}/settings`);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Take the garden along' }).click();
  const file = await (await download).path();
  await page.request.delete(`/api/v1/plantings/${larkfold(1)}`);
  expect(await names()).toHaveLength(was.length - 1);

  const bring = async (path: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Bring a garden' }).click();
    await (await chooser).setFiles(path);
  };
  await bring(join(__dirname, 'fixtures.ts'));
  await expect(page.getByText(/^This is neither a copy that was taken away here nor a garden file\. Nothing was changed\.$/)).toBeVisible();
  await bring(file);
  await expect(page.getByText(/^It was read through and is a copy now: .*, brought here\. Nothing else was changed/)).toBeVisible();
  expect(await names()).toHaveLength(was.length - 1);
  await page.getByRole('button', { name: /^Open the copy of .* brought here$/ }).click();
  const sheet = page.getByRole('dialog', { name: 'A copy' });
  await expect(sheet.getByText(/^\d+ plantings, \d+ cases, \d+ treatments, the last on \d+ May 2026$/)).toHaveCount(2);
  await accessible(page);
  await sheet.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByText('It is put back. What was here before is a copy.')).toBeVisible();
  expect(await names()).toEqual(was);
  await page.getByRole('button', { name: 'Take that back' }).click();
  await expect.poll(names).toHaveLength(was.length - 1);
});
