import { expect, fairWeather, openCase, plant, settle, test } from './kit';

test.use({ running: true });

const LUCKNOW = {
  name: 'Terrace',
  latitude: 26.85,
  longitude: 80.95,
  zone: 'Asia/Kolkata',
  country: 'IN',
  units: 'metric',
  now: '2026-09-10T11:30:00Z',
} as const;

test('a plant by its everyday name, its pest named where it lives, cut out by hand and written down', async ({ page, server }) => {
  await settle(page, server, LUCKNOW);
  await page.goto('/garden/new');
  await page.getByLabel('Name', { exact: true }).fill('Round ones');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByText('Choose a plant from the list.')).toBeVisible();
  await page.getByRole('button', { name: /^Plant: none yet/ }).click();
  await page.getByRole('dialog').getByLabel('Find').fill('brinjal');
  await page.getByRole('button', { name: /^Aubergines/ }).click();
  await page.getByLabel('Area, m²').fill('6');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByRole('heading', { name: 'Round ones' })).toBeVisible();
  const bed = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  await fairWeather(page, '2026-09-10T00:00:00Z', 5, { t: 28, rh: 60 });
  await openCase(page, bed, 'Tips', ['One shoot tip hangs, bored', 'Fruit: Plugged holes in the fruit'], ['4', '12']);
  await expect(page.getByRole('heading', { name: 'Aubergine and okra shoot and fruit borers' })).toBeVisible();
  await expect(page.getByText(/Seen/).first()).toBeVisible();
  await expect(page.getByText(/one shoot tip hangs, bored/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Cut the borer out/ }).first()).toBeVisible();
  // its page says where it lives
  await page.goto('/almanac/shoot-fruit-borer');
  await expect(page.getByText(/^At home in South Asia/)).toBeVisible();
});

test('what is not known from a place is asked about before it is touched, and is everyday where it is at home', async ({ page, server }) => {
  await settle(page, server, LUCKNOW);
  const bed = await plant(page, { name: 'Potatoes', hostId: 'potato', areaM2: 20 });
  await openCase(page, bed, 'Leaf top', ['Domed ten-striped beetles', 'Ragged holes'], ['6', '20']);
  await expect(page.getByText(/It is not known from where you live, and must be reported elsewhere/).first()).toBeVisible();
  await settle(page, server, {
    ...LUCKNOW,
    name: 'Prairie',
    latitude: 42,
    longitude: -93.6,
    zone: 'America/Chicago',
    country: 'US',
    units: 'us',
    now: '2026-06-20T15:00:00Z',
  });
  const rows = await plant(page, { name: 'Russets', hostId: 'potato', areaM2: 20 });
  await openCase(page, rows, 'Leaf top', ['Domed ten-striped beetles', 'Ragged holes'], ['6', '20']);
  await expect(page.getByRole('button', { name: /^Pick them off/ }).first()).toBeVisible();
  await expect(page.getByText(/must be reported/)).toHaveCount(0);
  // what lives elsewhere is no company for it
  await page.goto(`/garden/${rows}/prevent`);
  await expect(page.getByRole('heading', { name: 'Against what may come' })).toBeVisible();
});

test('a cactus is shown as a cactus, and cherries that are eaten are told from those that are not', async ({ page, server }) => {
  await settle(page, server, {
    ...LUCKNOW,
    name: 'Sill',
    latitude: 51.5,
    longitude: -0.1,
    zone: 'Europe/London',
    country: 'GB',
    units: 'imperial',
    now: '2026-11-20T12:00:00Z',
  });
  const pot = await plant(page, { name: 'Cactus', hostId: 'cactus', site: 'indoors', areaM2: 0.1, edible: false });
  await page.goto(`/look/${pot}`);
  await expect(page.getByRole('button', { name: 'Stem', exact: true })).toBeVisible();
  await page.goto('/garden/new');
  await page.getByRole('button', { name: /^Plant: none yet/ }).click();
  await page.getByRole('dialog').getByLabel('Find').fill('cherry');
  await expect(page.getByText(/the fruit is eaten, so a label has a picking wait/)).toBeVisible();
  await expect(page.getByText(/Flowering cherries and cherry laurel are not eaten/)).toBeVisible();
});
