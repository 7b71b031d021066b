import type { Page } from '@playwright/test';
import { expect, plant, settle, test } from './kit';

test.use({ running: true });

const ADELAIDE = {
  name: 'Back yard',
  latitude: -34.9,
  longitude: 138.6,
  zone: 'Australia/Adelaide',
  country: 'AU',
  units: 'australian',
  now: '2026-11-20T07:30:00Z',
} as const;

/** Taps a sign, found by words on whatever part it shows. */
async function see(page: Page, words: string, name: RegExp) {
  await page.getByLabel('Find a sign').fill(words);
  await page.getByRole('button', { name }).first().click();
  await page.getByLabel('Find a sign').fill('');
}

/** Answers "no" to what is asked until a button is there. */
async function noUntil(page: Page, button: RegExp) {
  for (let i = 0; i < 8; i++) {
    const next = page.getByText(/^Next look:/);
    await expect(next.or(page.getByRole('button', { name: button })).first()).toBeVisible();
    if (await page.getByRole('button', { name: button }).isVisible()) return;
    const asked = await next.innerText();
    await page.getByRole('button', { name: 'No', exact: true }).click();
    await expect(page.getByText(asked, { exact: true })).toBeHidden();
  }
}

test('plants go by American, Australian and Indian names, and what is not in the list gets a stand-in', async ({ page, server }) => {
  await settle(page, server, ADELAIDE);
  await page.goto('/garden/new');
  await page.getByRole('button', { name: /^Plant: none yet/ }).click();
  const list = page.getByRole('dialog');
  for (const [typed, plantName] of [
    ['eggplant', /^Aubergines/],
    ['silverbeet', /^Chard/],
    ['bhindi', /^Okra/],
    ['zuchini', /^Courgettes/],
    ['rockmelon vine', /^Melons|^Grape/],
  ] as const) {
    await list.getByLabel('Find').fill(typed);
    await expect(list.getByRole('button', { name: plantName }).first()).toBeVisible();
  }
  await list.getByLabel('Find').fill('qwertz');
  await expect(list.getByText('No plant by that name here.', { exact: false })).toBeVisible();
  await list.getByRole('button', { name: /^Another tree or shrub/ }).click();
  // its own name is kept, and whether one eats from it is asked
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Qwertz');
  await page.getByLabel('Area, m²').fill('3');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByText(/^Say whether anybody eats from it/)).toBeVisible();
  await page.getByRole('radio', { name: 'No', exact: true }).click();
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByRole('heading', { name: 'Qwertz' })).toBeVisible();
  // powder on a shrub that nobody listed is mildew, not dried spray
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  await page.goto(`/look/${id}`);
  await page.getByRole('button', { name: 'Leaf top', exact: true }).click();
  await see(page, 'white dust', /^White powder/);
  await see(page, 'curled leaves', /^Curled, puckered/);
  await expect(page.getByText(/powdery mildew/i).first()).toBeVisible();
});

test('two at once are both named, and both get their case in one go', async ({ page, server }) => {
  await settle(page, server, ADELAIDE);
  const bed = await plant(page, { name: 'Romas', hostId: 'tomato' });
  await page.goto(`/look/${bed}`);
  await page.getByRole('button', { name: 'Leaf top', exact: true }).click();
  await see(page, 'whitefly', /^White flies rise/);
  await see(page, 'pale still ovals', /^Pale still ovals/);
  await see(page, 'blight', /^Large dark greasy blotches/);
  await see(page, 'fuzz on the underside', /^Grey or purple down/);
  await expect(page.getByText(/Two at once:/)).toBeVisible();
  await page.getByRole('button', { name: 'It is both: a case for each' }).click();
  await expect(page).toHaveURL(/\/cases\//);
  await page.goto('/cases');
  await expect(page.getByText('Late blight').first()).toBeVisible();
  await expect(page.getByText(/[wW]hitefl/).first()).toBeVisible();
});

test('a name can be refused and taken back, and what is not its doing is said', async ({ page, server }) => {
  await settle(page, server, { ...ADELAIDE, latitude: 52.2, longitude: 0.1, zone: 'Europe/London', country: 'GB', now: '2026-05-24T17:30:00Z' });
  const bed = await plant(page, { name: 'Broad beans', hostId: 'broad-bean' });
  await page.goto(`/look/${bed}`);
  await page.getByRole('button', { name: 'Tips', exact: true }).click();
  await see(page, 'black bugs', /^Dark crowds/);
  await see(page, 'ants', /^Ants running up/);
  await see(page, 'sticky', /^Sticky shine/);
  await page.getByRole('button', { name: /For and against/ }).click();
  await page.getByRole('button', { name: 'No, not black bean aphid' }).click();
  await expect(page.getByRole('button', { name: 'You said: not black bean aphid. Take that back' })).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(/[cC]owpea/).first()).toBeVisible();
  await page.reload();
  await expect(page.getByText(/[cC]owpea/).first()).toBeVisible();
  await page
    .getByRole('button', { name: /cowpea/i })
    .first()
    .click();
  await page.getByRole('button', { name: 'You said: not black bean aphid. Take that back' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: 'It is black bean aphid: decide' })).toBeVisible();
});

test('who knows what it is opens a case from the almanac, with what was seen added', async ({ page, server }) => {
  await settle(page, server, ADELAIDE);
  const bed = await plant(page, { name: 'Roses', hostId: 'rose', edible: false });
  await page.goto('/almanac');
  await page.getByLabel('Search, by any name').fill('plant lice');
  await page
    .getByRole('link', { name: /^Greenfly/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'It is on Roses' }).click();
  await expect(page).toHaveURL(new RegExp(`/look/${bed}`));
  await page.getByRole('button', { name: 'Tips', exact: true }).click();
  await see(page, 'green bugs', /^Green or pink crowds/);
  await page.getByRole('button', { name: /^It is greenfly.*: decide$/ }).click();
  await expect(page).toHaveURL(/\/cases\//);
  await expect(page.getByText('by you')).toBeVisible();
  await expect(page.getByText(/green or pink crowds/)).toBeVisible();
});

test('what is not settled is watched, and settled three days later from the same look', async ({ page, server }) => {
  const garden = { ...ADELAIDE, latitude: 52.2, longitude: 0.1, zone: 'Europe/London', country: 'GB', now: '2026-07-10T17:30:00Z' };
  await settle(page, server, garden);
  const bed = await plant(page, { name: 'Romas', hostId: 'tomato' });
  await page.goto(`/look/${bed}`);
  await page.getByRole('button', { name: 'Leaf top', exact: true }).click();
  await see(page, 'leaf spot', /^Brown spots, dark edge/);
  await page.getByRole('button', { name: 'What now' }).click();
  await page.getByRole('button', { name: 'Not settled: keep watching' }).click();
  await expect(page.getByRole('heading', { name: 'Romas' })).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Not settled, and watched' }).or(page.getByText('Not settled, and watched')).first()).toBeVisible();
  await server.restart('2026-07-13T17:30:00Z');
  await page.reload();
  await page.getByRole('button', { name: /^Look again: Romas/ }).click();
  await expect(page.getByRole('button', { name: 'Brown spots, dark edge: seen' })).toBeVisible();
  await see(page, 'bullseye spots', /^Spots with target rings/);
  await see(page, 'bottom leaves yellow', /^Lowest leaves yellow/);
  await noUntil(page, /^It is early blight.*: decide$/);
  await page.getByRole('button', { name: /^It is early blight.*: decide$/ }).click();
  await expect(page).toHaveURL(/\/cases\//);
  await page.goto('/');
  await expect(page.getByText('Not settled, and watched')).toHaveCount(0);
});

test('a friend is kept as seen, and nothing is done to it', async ({ page, server }) => {
  await settle(page, server, { ...ADELAIDE, latitude: 52.2, longitude: 0.1, zone: 'Europe/London', country: 'GB', now: '2026-06-10T17:30:00Z' });
  const bed = await plant(page, { name: 'Beans', hostId: 'broad-bean' });
  await page.goto(`/look/${bed}`);
  await page.getByRole('button', { name: 'Tips', exact: true }).click();
  await see(page, 'little alligator', /^Dark spiky larva/);
  await noUntil(page, /^Leave it: no trouble$/);
  const kept = page.waitForRequest((r) => r.method() === 'PUT' && r.url().includes('/looks/'));
  await page.getByRole('button', { name: 'Leave it: no trouble' }).click();
  const url = (await kept).url();
  await expect(page.getByRole('heading', { name: 'Beans' })).toBeVisible();
  const look = (await (await page.request.get(url)).json()) as { answers: { signId: string }[] };
  expect(look.answers.map((a) => a.signId)).toContain('spiky-larva');
});
