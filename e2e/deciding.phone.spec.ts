import type { Page } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { accessible, expect, larkfold, nameTheAphid, test } from './fixtures';

/** Where the law of Britain closes nothing. */
const abroad = async (page: Page) => {
  const garden = (await (await page.request.get('/api/v1/garden')).json()) as object;
  expect((await page.request.put('/api/v1/garden', { data: { ...garden, country: 'NZ' } })).ok()).toBe(true);
};

test('the ladder: reasons, what if, schools, a plan of two, and the page of a control', async ({ page, server }) => {
  await nameTheAphid(page);

  // what if the petals had fallen: soap opens sooner, and nothing can be taken meanwhile
  await page.getByRole('switch', { name: 'What if: Wait until the petals have fallen' }).click();
  await expect(page.getByText(/Sooner: .*soap spray/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Pinch out the tips$/ })).toHaveCount(0);
  await accessible(page);
  await page.getByRole('button', { name: 'Back to how it is' }).first().click();

  // another school shows what is made at home, with the word that it may not be allowed
  await page.getByRole('button', { name: /^View: Least toxic/ }).click();
  await page.getByRole('button', { name: 'Traditional means too' }).click();
  await page.getByRole('button', { name: /^Never here/ }).click();
  await page.getByRole('button', { name: /^Wood-ash dusting/ }).click();
  await expect(page.getByText(/Home-made preparations may not be used as pesticides in your country/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();

  // leaving it says what comes
  await page.getByRole('button', { name: /^Leave it and watch/ }).click();
  await expect(page.getByText(/acting is worth it from about/)).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();

  // the whole page of a control, and back
  await page.getByRole('button', { name: /^Neem oil spray/ }).click();
  await page.getByRole('button', { name: 'All about it: neem oil spray' }).click();
  await expect(page.getByText('What it does not do')).toBeVisible();
  await expect(page.getByText('Where growers differ')).toBeVisible();
  await accessible(page);
  await page.getByRole('link', { name: 'The case' }).click();

  // ladybirds, with the ants drawn off along with them
  await page.getByRole('button', { name: /^Release ladybirds/ }).click();
  await page.getByRole('button', { name: /^Plan it: release ladybirds/ }).click();
  await page.getByRole('button', { name: /^Draw off the ants/ }).click();
  await page.getByRole('button', { name: 'Do it along with the other' }).click();
  await expect(page.getByText('Ants away first: they guard aphids from helpers.')).toBeVisible();
  await page.getByRole('button', { name: 'Plan release ladybirds' }).click();
  // what is gentler would do: whoever climbs says why
  await page.getByLabel('Your reason').fill('They are on every stem');
  await page.getByRole('button', { name: 'Take release ladybirds' }).click();
  await expect(page.getByText(/Release ladybirds, with helpers, with draw off the ants/)).toBeVisible();
  await page.getByRole('button', { name: /Plan it for/ }).click();
  await page.getByRole('button', { name: 'Done: draw off the ants' }).click();
  await expect(page.getByText('Draw off the ants: done')).toBeVisible();
  await server.restart('2026-05-24T20:05:00Z');
  await page.reload();
  await expect(page.getByText('Draw off the ants: done')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Done: write it down' })).toBeVisible();
});

test('the stage that was seen is kept, and shuts out what does not reach it', async ({ page }) => {
  await abroad(page);
  await page.goto(`/cases/${larkfold(203)}`);
  await page.getByRole('button', { name: /^Stage: By month/ }).click();
  await page.getByRole('button', { name: /^Winter:/ }).click();
  await expect(page.getByRole('button', { name: /^Copper spray Not now/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Stage: Winter/ })).toBeVisible();
});

test('a label of one’s own: typed in from the specimen, wrong figures told at their field, used in the case', async ({ page }) => {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Enter a label' }).click();
  await page.getByRole('button', { name: /^Start from/ }).click();
  await page.getByLabel('Find').fill('potassium soap');
  await page.getByRole('button', { name: /^Potassium soap concentrate/ }).click();
  await page.getByLabel('Name').fill('Soap from the market');
  await page
    .getByRole('button', { name: /^beans|^fruit|^vegetables/ })
    .first()
    .click();
  await page.getByLabel('Picking wait, d').fill('seven');
  await page.getByLabel('Rate, as printed').fill('30 to 20 ml per litre');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  await expect(page.getByText(/“seven” is not a number/)).toBeVisible();
  await expect(page.getByText(/^The lower figure is above the upper one/)).toBeVisible();
  await expect(page.getByText(/^3 things above can not be, the first: /)).toBeVisible();
  await page.getByRole('button', { name: /^vegetables/ }).click();
  await page.getByLabel('Picking wait, d').fill('3');
  await page.getByLabel('Rate, as printed').fill('2 to 4 US tbsp per US gal');
  await expect(page.getByText(/Understood: 7\.813 to 15\.63 ml per litre/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await accessible(page);
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  await expect(page.getByText('Compare every figure with your label first, then tick this.')).toBeVisible();
  await page.getByRole('checkbox', { name: /I compared every figure/ }).click();
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  await expect(page.getByText('Your own label sheet, version 1')).toBeVisible();
  await expect(page.getByText(/2 to 4 US tbsp per US gal/)).toBeVisible();

  // its next version; the first is kept
  await page.getByRole('button', { name: 'Change it' }).click();
  await page.getByRole('checkbox', { name: /I compared every figure/ }).click();
  // what is looser than the specimen is held up before it is kept
  await page.getByLabel('Not at or above, °C').fill('40');
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  await expect(page.getByText('Allowed in more heat than the specimen’s 32 °C.')).toBeVisible();
  await page.getByLabel('Not at or above, °C').fill('27');
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  await expect(page.getByText('Version 1', { exact: true })).toBeVisible();

  // in the case it stands in for the specimen
  await nameTheAphid(page);
  await page.getByRole('button', { name: /^Soap spray: Soap from the market/ }).click();
  await expect(page.getByText(/Your label sheet\. Soap from the market/)).toBeVisible();
});

test('files of sheets: refused with line and field, or with their size; taken in when whole', async ({ page, server }, info) => {
  const file = (name: string, text: string) => {
    const path = info.outputPath(name);
    writeFileSync(path, text);
    return path;
  };
  await page.goto('/shed');
  const give = async (path: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Take in a file of sheets' }).click();
    await (await chooser).setFiles(path);
  };
  await give(file('large.json', 'x'.repeat(3_000_000)));
  await expect(page.getByText(/large\.json has 3\.0 MB/)).toBeVisible();

  const sheets = (await (await fetch(`${server.base}/api/v1/sheets`)).json()) as { id: string }[];
  const own = { ...sheets.find((s) => s.id === 'neem-oil'), id: 'own-0197c000-0000-7000-8000-000000000001', specimen: false, name: 'My neem' };
  const whole = `${JSON.stringify({ format: 'sleetbrook-label-sheets', version: 1, sheets: [own] }, null, 2)}\n`;
  await give(file('seven.json', whole.replace(/"phiDays": \d+/, '"phiDays": "seven"')));
  await expect(page.getByText(/Line \d+, sheets\.0\.lines\.0\.phiDays: The picking wait must be a figure/)).toBeVisible();
  await give(file('whole.json', whole));
  await expect(page.getByText('Taken in: 1 new, 0 changed, 0 as before.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^My neem/ })).toBeVisible();
});

test('a keep-out is never laid over hours when somebody must be there', async ({ page }) => {
  await abroad(page);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Add hours' }).click();
  await page.getByLabel('What for').fill('Watering');
  await page.getByLabel('From').fill('9');
  await page.getByLabel('To', { exact: true }).fill('08:30');
  await page.getByRole('button', { name: 'Keep these settings' }).click();
  await expect(page.getByText('Type a time such as 17:30.')).toBeVisible();
  await page.getByLabel('From').fill('08:00');
  await page.getByRole('button', { name: 'Keep these settings' }).click();
  await expect(page.getByRole('button', { name: 'Kept' })).toBeVisible();
  await page.goto(`/cases/${larkfold(203)}`);
  await page.getByRole('button', { name: /^Copper spray/ }).click();
  await expect(page.getByRole('dialog').getByText(/you have to be there: Watering/)).toBeVisible();
});

test('check my recipe: understood, beside the label, and put right', async ({ page }) => {
  await page.goto('/bench');
  await page.getByRole('button', { name: 'Check my recipe' }).click();
  await page.getByLabel('How much of it').fill('1,500 ml');
  await expect(page.getByText(/can be read two ways/)).toBeVisible();
  await page.getByLabel('How much of it').fill('2 tbsp');
  await expect(page.getByText('Understood: 2 tablespoons, which is 30 ml')).toBeVisible();
  await page.getByLabel('In how much mix, all told').fill('0,5 gallon');
  await expect(page.getByText(/US or imperial/)).toBeVisible();
  await page.getByLabel('In how much mix, all told').fill('1 l');
  await expect(page.getByRole('heading', { name: 'More than our specimen' })).toBeVisible();
  await expect(page.getByText(/1\.5 times our specimen’s maximum\. .*your own label decides/)).toBeVisible();
  await page.getByLabel('In how much mix, all told').fill('2 l');
  await expect(page.getByRole('heading', { name: 'Within our specimen' })).toBeVisible();
  await accessible(page);
});
