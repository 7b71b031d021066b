import { expect, nameTheAphid, test } from './fixtures';

test('from a spotted plant to a safe picking date, and the same again', async ({ page, server }) => {
  await nameTheAphid(page);

  // decide: soap waits for the evening and asks why not the gentler way
  await page.getByRole('button', { name: /^Soap spray/ }).click();
  await expect(page.getByText('Bees are on the flowers.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Plan it: soap spray' }).click();
  await page.getByRole('button', { name: 'Plan soap spray' }).click();
  await page.getByLabel('Your reason').fill('Too many tips to pinch');
  await page.getByRole('button', { name: 'Take soap spray' }).click();

  // mix: above the label is refused with the label's line; the right amounts stand
  await expect(page.getByText('120 ml')).toBeVisible();
  await page.getByLabel('Rate, ml per l').fill('21');
  await expect(page.getByText(/21 ml per litre is above the label\. .*10 to 20 ml per litre/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep these amounts' })).toBeDisabled();
  await page.getByLabel('Rate, ml per l').fill('15');
  await expect(page.getByText('Load 1: full, 5 l')).toBeVisible();
  await expect(page.getByText(/3 level tablespoons of 15 ml; rounding exact/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep these amounts' }).click();

  // time: this evening is open, other hours say why not
  await expect(page.getByText('Today 21:00 to 22:30')).toBeVisible();
  await expect(page.getByText('Why not at other hours')).toBeVisible();
  await page.getByRole('button', { name: 'Plan it for today 21:00' }).click();
  await expect(page.getByText(/Planned for today 21:00/)).toBeVisible();

  // the evening comes; the server was killed in between
  await server.restart('2026-05-24T20:05:00Z');
  await page.reload();
  await expect(page.getByText('The hour is open now.')).toBeVisible();
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await page.getByRole('button', { name: 'It is so' }).click();
  const on = page.getByRole('button', { name: 'All of it is on' });
  await expect(on).toBeDisabled();
  for (const wear of await page.getByRole('checkbox').all()) await wear.click();
  await on.click();
  await page.getByRole('checkbox').click();
  await page.getByRole('button', { name: 'It is clean' }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText('5 level tablespoons of 15 ml')).toBeVisible();
  await page.reload();
  await expect(page.getByText('5 level tablespoons of 15 ml')).toBeVisible();

  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await page.getByRole('button', { name: /^Too much went in/ }).click();
  await page.getByLabel('Put in, altogether, ml').fill('110');
  await expect(page.getByText(/Do not spray this: even a full tank makes 22 ml per litre, above the label/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Poison help' }).click();
  await expect(page.getByText('Call 999: emergency')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();

  const next = page.getByRole('button', { name: /^(Measured|Done|This load is out|Done: write it down)$/ });
  for (let act = ''; !/write it down/.test(act);) {
    act = await next.innerText();
    await next.click();
  }
  await page.getByLabel('Finished at').fill('25:00');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText('Type the time as 2026-05-24 21:40.')).toBeVisible();
  await page.getByLabel('Finished at').fill('2026-05-24 21:05');
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/pick from today 23:05/)).toBeVisible();

  // the clocks run on Today and on the planting
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByText('Keep out: Broad beans')).toBeVisible();
  await page.goto('/garden/0197a000-0000-7000-8000-000000000001');
  await expect(page.getByText('Keep out: Broad beans')).toBeVisible();

  // two evenings are meant, then three days: look again; it helped, so the same again comes first, with its reason kept
  await server.restart('2026-05-28T18:10:00Z');
  await page.goto('/');
  await page.getByRole('button', { name: /Broad beans.*Black bean aphid: count again/ }).click();
  await page.getByRole('button', { name: 'Look and count now' }).click();
  await page.getByLabel('Tips with it').fill('twenty');
  await page.getByRole('button', { name: 'Keep the count' }).click();
  await expect(page.getByText(/“twenty” is not a number/)).toBeVisible();
  await page.getByLabel('Tips with it').fill('5');
  await page.getByRole('button', { name: 'Keep the count' }).click();
  await expect(page.getByText(/44 in 100 gone/)).toBeVisible();
  await expect(page.getByText(/One round of 2 to 3 done\. It may be now\./)).toBeVisible();
  await page.getByRole('button', { name: 'The same again' }).click();
  await expect(page.getByText(/because: Too many tips to pinch/).last()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Plan it for/ })).toBeVisible();

  // the record stands in the log
  await page.goto('/records');
  await page.getByRole('button', { name: /Soap spray, broad beans/ }).click();
  await expect(page.getByText('Potassium soap concentrate, sheet version 1')).toBeVisible();
  await expect(page.getByText('Black bean aphid; Too many tips to pinch')).toBeVisible();
});

test('a look survives a reload, and webbing without ants moves spider mite up', async ({ page }) => {
  await page.goto('/look/0197a000-0000-7000-8000-000000000001');
  await page.getByRole('button', { name: 'Tips' }).click();
  await page.getByLabel('Find a sign').fill('webbing');
  await page.getByRole('button', { name: /^Fine webbing/ }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Fine webbing: seen', exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Ants running up/ }).click();
  await page.getByRole('button', { name: /^Ants running up/ }).click();
  await page
    .getByRole('button', { name: /spider mite/ })
    .first()
    .click();
  await expect(page.getByText('Fine webbing: often there with two-spotted spider mite.')).toBeVisible();
});

test('a seven-day wait before picking names the day it is allowed', async ({ page }) => {
  // where its law does not close it before its label does, and the sawfly lives
  const garden = (await (await page.request.get('/api/v1/garden')).json()) as object;
  expect((await page.request.put('/api/v1/garden', { data: { ...garden, country: 'NO' } })).ok()).toBe(true);
  const gooseberries = '0197a000-0000-7000-8000-000000000003';
  await page.goto(`/garden/${gooseberries}/edit`);
  await page.getByLabel('First picking day').fill('2026-05-26');
  await page.getByLabel('Last picking day').fill('2026-05-26');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByText('26 May to 26 May')).toBeVisible();
  await page.goto(`/look/${gooseberries}`);
  await page.getByRole('button', { name: 'Leaf top' }).click();
  for (const sign of [/^Only the veins left/, /^Small caterpillars/, /^Eaten from the edge/]) await page.getByRole('button', { name: sign }).click();
  await page.getByRole('button', { name: /It is gooseberry sawfly/ }).click();
  await page.getByRole('button', { name: /^Organophosphate spray/ }).click();
  await expect(page.getByText(/7 days to wait before picking.*Allowed from Wed 27 May/).first()).toBeVisible();
});
