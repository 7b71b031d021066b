import { encode } from 'jpeg-js';
import { accessible, expect, larkfold, test } from './fixtures';
import type { Page } from '@playwright/test';

/** A JPEG with noise along its top. */
function photo(width: number, height: number, quality = 80): Buffer {
  const data = Buffer.alloc(width * height * 4, 120);
  let seed = 7;
  for (let i = 0; i < Math.min(data.length, width * 48 * 4); i++) {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    data[i] = seed >>> 24;
  }
  return encode({ data, width, height }, quality).data;
}

/** The same picture as heavy as one from a good camera: comments are put in behind the mark that begins a JPEG. */
function heavier(jpeg: Buffer, bytes: number): Buffer {
  const comment = Buffer.alloc(65_537, 32);
  comment.writeUInt16BE(0xfffe, 0);
  comment.writeUInt16BE(65_535, 2);
  return Buffer.concat([jpeg.subarray(0, 2), ...Array<Buffer>(Math.ceil(bytes / comment.length)).fill(comment), jpeg.subarray(2)]);
}

async function attach(page: Page, files: { name: string; mimeType: string; buffer: Buffer }[]) {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add photographs' }).click();
  await (await chooser).setFiles(files);
}

test('a walk is counted, broken off, taken up again and read', async ({ page, server }) => {
  await page.goto('/garden');
  await page.getByRole('button', { name: 'Walk round' }).click();
  await page.getByRole('button', { name: 'Change the order' }).click();
  await page.getByLabel('Hollyhocks earlier').getByRole('button').click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText('1. Hollyhocks')).toBeVisible();
  await page.getByRole('button', { name: 'Start a walk' }).click();

  await expect(page.getByRole('heading', { name: 'Hollyhocks' })).toBeVisible();
  await page
    .getByRole('button', { name: /Orange dusty pustules|rust/i })
    .first()
    .click();
  const withIt = page.getByRole('button', { name: 'With it, one more' });
  const clean = page.getByRole('button', { name: 'Clean, one more' });
  for (let i = 0; i < 3; i++) await clean.click();
  await expect(page.getByText(/0 of 3\. \d+ more clean leaves would settle it/)).toBeVisible();
  for (let i = 0; i < 4; i++) await withIt.click();
  await expect(page.getByText(/Enough: 4 of 7, over 10 in 100\. Act\./)).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Noted: next' }).click();
  await expect(page.getByText(/2 of 13/)).toBeVisible();
  await page.getByRole('button', { name: 'All clear: next' }).click();
  await expect(page.getByText(/3 of 13/)).toBeVisible();
  await page.waitForTimeout(1500);

  // the phone dies, the server too
  await server.restart('2026-05-24T18:40:00Z');
  await page.evaluate(() => localStorage.clear());
  await page.goto('/walk');
  await page.getByRole('button', { name: 'Go on with it: 2 of 13 done' }).click();
  await expect(page.getByText(/3 of 13/)).toBeVisible();
  for (let i = 0; i < 11; i++) await page.getByRole('button', { name: 'All clear: next' }).click();
  await expect(page.getByRole('heading', { name: 'Walk done' })).toBeVisible();
  await expect(page.getByText(/12 clear · 1 with something/)).toBeVisible();
  await expect(page.getByText(/57 in 100, between 25 and 84; first count/)).toBeVisible();
  await page.waitForTimeout(1500);
  await page.getByRole('button', { name: 'Back to the garden' }).click();
  await page.getByRole('button', { name: 'Walk round' }).click();
  await expect(page.getByText('12 clear · 1 with something')).toBeVisible();
});

test('not settled gives what would settle it, what is safe meanwhile and how to take a sample', async ({ page }) => {
  await page.goto(`/look/${larkfold(1)}`);
  await page.getByRole('button', { name: 'Whole plant' }).click();
  await page.getByLabel('Find a sign').fill('stunted');
  await page.getByRole('button', { name: /^Stunted and slow/ }).click();
  // what is asked before anything was seen gives way to what fits it
  await expect(page.getByText(/^Not settled: /)).toBeVisible();
  const question = page.getByText(/^Next look:/);
  await expect(question).toBeVisible();
  const first = await question.innerText();
  await page.getByRole('button', { name: "Can't tell" }).click();
  await expect(question).not.toHaveText(first);
  await page.getByRole('button', { name: 'What now' }).click();
  await expect(page.getByText('Safe meanwhile, whichever it is')).toBeVisible();
  await expect(page.getByText(/extension or plant-health office/).first()).toBeVisible();
  await expect(page.getByText('Nothing is sprayed for a trouble without a name.')).toBeVisible();
});

test('two troubles at once are both named', async ({ page }) => {
  await page.goto(`/look/${larkfold(1)}`);
  await page.getByRole('button', { name: 'Tips' }).click();
  await page.getByRole('button', { name: /^Dark crowds on the tips/ }).click();
  await page.getByRole('button', { name: /^Ants running up/ }).click();
  await page.getByRole('tab', { name: 'Underside' }).click();
  await page.getByRole('button', { name: /^Orange pustules/ }).click();
  await page.getByRole('tab', { name: 'Leaf top' }).click();
  await page.getByLabel('Find a sign').fill('yellow spots');
  await page.getByRole('button', { name: /^Yellow spots above/ }).click();
  await expect(page.getByText(/Two at once/)).toBeVisible();
  await expect(page.getByRole('button', { name: /black bean aphid: decide/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /rust: decide/ })).toBeVisible();
});

test('photographs: a heavy one is made smaller, a text file and too many are said, the case shows them', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto(`/look/${larkfold(1)}`);
  await page.getByRole('button', { name: 'Tips' }).click();
  const heavy = heavier(photo(3200, 2800, 96), 12_000_000);
  expect(heavy.length).toBeGreaterThan(12_000_000);
  await attach(page, [
    { name: 'beans.jpg', mimeType: 'image/jpeg', buffer: heavy },
    { name: 'shopping.jpg', mimeType: 'text/plain', buffer: Buffer.from('bread, string') },
  ]);
  await expect(page.getByRole('button', { name: 'Photograph 1 of 1: enlarge' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('shopping.jpg is not a picture: it was left out.')).toBeVisible();

  const small = photo(64, 48);
  await attach(
    page,
    Array.from({ length: 40 }, (_, i) => ({ name: `p${i}.jpg`, mimeType: 'image/jpeg', buffer: small })),
  );
  await expect(page.getByText('A look holds 12 photographs: 29 were left out.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Photograph 12 of 12: enlarge' })).toBeVisible({ timeout: 60_000 });

  // a reload loses none; one removed comes back
  await page.reload();
  await page.getByRole('button', { name: 'Photograph 1 of 12: enlarge' }).click();
  await page.getByRole('button', { name: 'Remove this photograph' }).click();
  await expect(page.getByRole('button', { name: 'Photograph 1 of 11: enlarge' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Photograph 1 of 12: enlarge' })).toBeVisible();

  for (const sign of [/^Dark crowds on the tips/, /^Ants running up/, /^Sticky shine/]) await page.getByRole('button', { name: sign }).click();
  await page.getByRole('button', { name: 'It is black bean aphid: decide' }).click();
  await expect(page.getByRole('button', { name: /^Photograph of .*: enlarge/ })).toHaveCount(12);
});

test('the almanac forgives spelling, and lays two side by side', async ({ page }) => {
  await page.goto('/almanac');
  await page.getByLabel('Search, by any name').fill('blakfly');
  await page.getByRole('link', { name: /Black bean aphid/ }).click();
  await expect(page.getByText('What to do, gentlest first')).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Compare the two' }).first().click();
  await expect(page.getByRole('heading', { name: 'Compare' })).toBeVisible();
  await expect(page.getByText('Signs, the most telling first')).toBeVisible();
  await page.goto('/almanac/triffid');
  await expect(page.getByText('No such page')).toBeVisible();
});

test('from Today to an accepted name in five taps; what is done by hand has nothing to mix', async ({ page }) => {
  await page.goto('/');
  const taps: string[] = [];
  const tap = async (name: string | RegExp) => {
    taps.push(String(name));
    await page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .first()
      .click();
  };
  await tap('Something is wrong with a plant');
  await tap(/^Hollyhocks/);
  await tap('Underside');
  await tap(/^Orange pustules/);
  await tap(/: decide$|^Take it as that all the same$/);
  await expect(page).toHaveURL(/\/cases\//);
  expect(taps).toHaveLength(5);

  await page
    .getByRole('button', { name: /^Pick off marked leaves/ })
    .first()
    .click();
  await page.getByRole('dialog').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Pick off marked leaves', exact: true }).last().click();
  await expect(page.getByText(/^Decided/)).toBeVisible();
  await expect(page.getByText('amounts set')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Change amounts' })).toBeHidden();
});
