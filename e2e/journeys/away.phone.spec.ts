import type { Page } from '@playwright/test';
import { encode } from 'jpeg-js';
import { accessible } from '../fixtures';
import { allCards, expect, lookAtSky, openCase, plant, planFor, settle, sprayer, take, test } from './kit';

test.use({ running: true, serviceWorkers: 'allow' });

const YAMHILL = {
  name: 'Far field',
  latitude: 45.2,
  longitude: -123.2,
  zone: 'America/Los_Angeles',
  country: 'US',
  units: 'us',
  now: '2026-07-15T02:00:00Z',
} as const;

const photo = () => Buffer.from(encode({ data: Buffer.alloc(320 * 240 * 4, 120), width: 320, height: 240 }, 80).data);

/** Everything that is needed out of reach is on the device: the grower is told so in Settings. */
async function packed(page: Page): Promise<void> {
  await page.goto('/settings');
  await expect(page.getByText(/^Is on this device: it opens without home/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/^As of today .* go home by themselves\.$/)).toBeVisible({ timeout: 30_000 });
}

/** Everything that home holds, by kind. */
async function atHome(page: Page) {
  const get = async (path: string) => (await (await page.request.get(`/api/v1${path}`)).json()) as never;
  const cases: { id: string; laps: { treatmentId: string | null }[] }[] = await get('/cases?status=open');
  const details: {
    looks: { id: string; count: unknown }[];
    treatments: { id: string; controlName: string; keepOutUntil: string; pickFrom: string }[];
    photos: unknown[];
  }[] = [];
  for (const c of cases) details.push(await get(`/cases/${c.id}`));
  const walks: { finishedAt: string | null; stops: { tallies: unknown[] }[] }[] = await get('/walks');
  return { cases, details, walks };
}

test('a whole job out of reach, from opening the application to the record; then home has it all, once', async ({ page, server, context }) => {
  await settle(page, server, YAMHILL);
  const beans = await plant(page, { name: 'Pole beans', hostId: 'broad-bean', stage: 'growing', areaM2: 3 });
  await sprayer(page, 'Hand sprayer', 950);
  await packed(page);

  // the far end of the field: the page is opened anew, and nobody answers
  await context.setOffline(true);
  await page.goto('/');
  await expect(page.getByText(/^No answer from home\. You see the garden as of today/)).toBeVisible();

  // looked, photographed, named
  await page.goto(`/look/${beans}`);
  await page.getByRole('button', { name: 'Tips', exact: true }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add photographs' }).click();
  await (await chooser).setFiles({ name: 'tips.jpg', mimeType: 'image/jpeg', buffer: photo() });
  await expect(page.getByRole('button', { name: 'Photograph 1 of 1: enlarge' })).toBeVisible();
  await openCase(page, beans, 'Tips', ['Dark crowds on the tips', 'Ants running up', 'Sticky shine'], ['9', '20']);

  // decided by a look at the sky, mixed, done
  await lookAtSky(page, '66', 'Under 77 °F');
  await take(page, /soap/i, 'It is what I have');
  await page.getByRole('button', { name: 'Keep these amounts' }).click();
  await planFor(page);
  await page.getByRole('button', { name: 'Start measuring' }).click();
  await allCards(page);
  await page.getByRole('button', { name: 'Keep the record' }).click();
  await expect(page.getByText(/count the same/)).toBeVisible();
  const said = await page.getByText(/^Done today/).innerText();

  // its clock runs at once, and after a reload
  await page.goto('/');
  await expect(page.getByText('Keep out: Pole beans')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Keep out: Pole beans')).toBeVisible();
  await expect(page.getByText('Not to eat yet')).toBeVisible();

  // a round of the garden
  await page.goto('/walk');
  await page.getByRole('button', { name: 'Start a walk' }).click();
  await page.getByRole('button', { name: 'All clear: next' }).click();
  await expect(page.getByRole('heading', { name: 'Walk done' })).toBeVisible();
  await page.goto('/kept');
  await expect(page.getByText('Goes home when it answers')).toBeVisible();
  for (const what of ['A look on Pole beans', 'A photograph', 'Soap spray on Pole beans', 'A look at the sky', 'A walk'])
    await expect(page.getByText(what, { exact: true })).toBeVisible();
  await accessible(page);

  // home was off, too; then the phone comes back within reach
  await server.restart(new Date(Date.parse(YAMHILL.now) + 20 * 60_000).toISOString());
  expect((await atHome(page)).cases).toEqual([]);
  await context.setOffline(false);
  await expect(page.getByText('Everything that was written on this device is at home.')).toBeVisible({ timeout: 30_000 });
  const home = await atHome(page);
  expect(home.cases).toHaveLength(1);
  expect(home.details[0]?.looks).toHaveLength(1);
  expect(home.details[0]?.photos).toHaveLength(1);
  expect(home.details[0]?.treatments).toMatchObject([{ controlName: 'Soap spray' }]);
  expect(home.cases[0]?.laps[0]?.treatmentId).toBe(home.details[0]?.treatments[0]?.id);
  expect(home.walks).toHaveLength(1);
  expect(home.walks[0]?.finishedAt).not.toBeNull();

  // what the phone said of it is what home says of it
  await page.goto(`/cases/${home.cases[0]?.id}`);
  await expect(page.getByText(said, { exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Photograph of .*: enlarge$/ })).toBeVisible();
});
