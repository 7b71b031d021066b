import { createHash, X509Certificate } from 'node:crypto';
import { connect } from 'node:tls';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../chromium';
import { accessible } from '../fixtures';
import { TestServer } from '../server';
import { expect, plant, settle, test as base } from './kit';

const LIMERICK = {
  name: 'The yard',
  latitude: 52.7,
  longitude: -8.6,
  zone: 'Europe/Dublin',
  country: 'IE',
  units: 'metric',
  now: '2026-06-10T17:00:00Z',
} as const;

/** A house that its phones may come into, started as its household would. */
const test = base.extend({
  server: async ({ port }, give) => {
    const server = new TestServer(false, false, { SLEETBROOK_HOUSEHOLD: '1', SLEETBROOK_SECURE_PORT: '0' }, port);
    await server.start();
    await give(server);
    await server.stop();
  },
});

const printed = async (server: TestServer, what: RegExp): Promise<string> => {
  await expect.poll(() => what.exec(server.printed)?.[1] ?? '').not.toBe('');
  return what.exec(server.printed)?.[1] ?? '';
};
const letIn = async (page: Page, secret: string, name: string) => {
  await page.getByLabel('Words or passcode').fill(secret);
  await page.getByLabel('This device is').fill(name);
  await page.getByRole('button', { name: 'Let it in' }).click();
};

test('phones are let in by words and by the passcode, told apart, taken away; what one wrote meanwhile comes home when it is in again', async ({
  page,
  server,
  browser,
}) => {
  test.setTimeout(120_000);
  const passcode = await printed(server, /shown this once\. Write it down:\n {2}([a-z ]+)\n/);
  const words = await printed(server, /and type: ([a-z ]+)\n/);

  // whatever is asked for, the door comes first, and says what the line is worth
  await page.goto('/garden');
  await expect(page.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  await expect(page.getByText('This line is not encrypted')).toBeVisible();
  await accessible(page);
  await letIn(page, 'none of these', 'Phone');
  await expect(page.getByText(/^Neither the passcode nor the words of the moment/)).toBeVisible();
  await letIn(page, words, 'Phone at the tap');
  // an empty garden leads to the set-up
  await expect(page.getByRole('heading', { name: 'Your garden' })).toBeVisible();
  await page.waitForLoadState('networkidle');
  await settle(page, server, LIMERICK);
  const peas = await plant(page, { name: 'Peas', hostId: 'pea', place: 'Bed 2', areaM2: 4 });

  // a second one, over the encrypted line, by the code: the words stand behind a # and are gone from the address
  const secure = (await printed(server, /or open (https:\S+) on it/)).replace(/\/\/[^:]+:/, '//127.0.0.1:');
  const more = /and type: ([a-z ]+)\n/.exec(server.printed)?.[1] ?? '';
  const other = await browser.newContext({ ignoreHTTPSErrors: true, baseURL: secure });
  const laptop = await other.newPage();
  await laptop.goto(`/door#${more.split(' ').join('-')}`);
  await expect(laptop.getByLabel('Words or passcode')).toHaveValue(more);
  await expect(laptop.getByText('This line is not encrypted')).toBeHidden();
  expect(laptop.url()).toBe(`${secure}/door`);
  await laptop.getByLabel('This device is').fill('Laptop');
  await laptop.getByRole('button', { name: 'Let it in' }).click();
  await expect(laptop.getByRole('heading', { name: 'Let this device in' })).toBeHidden();
  const [cookie] = await other.cookies();
  expect([cookie?.name, cookie?.httpOnly, cookie?.secure, cookie?.sameSite]).toEqual(['__Host-sleetbrook', true, true, 'Strict']);

  // the phone carries a copy; then it is taken away, and goes on by that
  await page.goto('/settings');
  await expect(page.getByText(/^As of .* go home by themselves\.$/)).toBeVisible({ timeout: 30_000 });
  await page.goto(`/garden/${peas}/edit`);
  await expect(page.getByLabel('Area, m²')).toHaveValue('4');
  await laptop.goto('/settings');
  await expect(laptop.getByText('Laptop, this one')).toBeVisible();
  await accessible(laptop);
  await laptop.getByRole('button', { name: 'Take away Phone at the tap' }).click();
  await laptop.getByRole('dialog').getByRole('button', { name: 'Take it away' }).click();
  await expect(laptop.getByText('Phone at the tap', { exact: true })).toBeHidden();
  const shut = page.getByRole('link', { name: /^Home does not let this device in\./ });
  await expect(shut).toBeVisible({ timeout: 20_000 });
  await page.getByLabel('Area, m²').fill('6');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByRole('link', { name: /1 kept here waits for that/ })).toBeVisible({ timeout: 20_000 });
  expect(((await (await laptop.request.get(`/api/v1/plantings/${peas}`)).json()) as { areaM2: number }).areaM2).toBe(4);

  // in again, by words that the laptop draws
  await laptop.getByRole('button', { name: 'Let one more in' }).click();
  const sheet = laptop.getByRole('dialog', { name: 'Let one more in' });
  await expect(sheet.getByRole('img', { name: /^Code for https:/ })).toBeVisible();
  const drawn = (await sheet.getByText(/^[a-z]+ [a-z]+ [a-z]+$/).innerText()).trim();
  await page.getByRole('link', { name: /^Home does not let this device in/ }).click();
  await letIn(page, drawn, 'Phone again');
  await expect
    .poll(async () => ((await (await laptop.request.get(`/api/v1/plantings/${peas}`)).json()) as { areaM2: number }).areaM2, { timeout: 20_000 })
    .toBe(6);

  // another passcode ends what the old one let in, but for the device in hand
  await sheet.getByRole('button', { name: 'Close' }).click();
  await laptop.getByRole('button', { name: 'Change the passcode' }).click();
  await laptop.getByLabel('The passcode as it is now').fill(passcode);
  await laptop.getByLabel('The new one').fill('fern and water');
  await laptop.getByRole('button', { name: 'Change it' }).click();
  await expect(laptop.getByRole('dialog')).toBeHidden();
  await expect(laptop.getByText('Laptop, this one')).toBeVisible();
  await expect(laptop.getByText('Phone again', { exact: true })).toBeHidden();
  expect((await page.request.get('/api/v1/garden')).status()).toBe(401);
  await laptop.getByRole('button', { name: 'Go out on Laptop' }).click();
  await laptop.getByRole('dialog').getByRole('button', { name: 'Go out' }).click();
  await expect(laptop.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  await other.close();
});

/** What a browser takes for the key of a certificate that it was told to trust (RFC 7469, 2.4). */
const keyOf = (port: number): Promise<string> =>
  new Promise((resolve, reject) => {
    const socket = connect({ host: '127.0.0.1', port, rejectUnauthorized: false }, () => {
      const { raw } = socket.getPeerCertificate();
      socket.end();
      const spki = new X509Certificate(raw).publicKey.export({ type: 'spki', format: 'der' });
      resolve(createHash('sha256').update(spki).digest('base64'));
    });
    socket.on('error', reject);
  });

test('a phone that trusts the house keeps the application, and opens it with the house gone', async ({ server }) => {
  test.setTimeout(90_000);
  const words = await printed(server, /and type: ([a-z ]+)\n/);
  const secure = (await printed(server, /or open (https:\S+) on it/)).replace(/\/\/[^:]+:/, '//127.0.0.1:');
  const trusting = `--ignore-certificate-errors-spki-list=${await keyOf(Number(new URL(secure).port))}`;
  const browser = await chromium.launch({ ...CHROMIUM, args: [...(CHROMIUM.args ?? []), trusting] });
  try {
    const phone = await browser.newPage({ baseURL: secure, serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });
    await phone.goto(`/door#${words.split(' ').join('-')}`);
    await phone.getByRole('button', { name: 'Let it in' }).click();
    await expect(phone.getByRole('heading', { name: 'Let this device in' })).toBeHidden();
    await phone.goto('/settings');
    await expect(phone.getByText(/^Is on this device: it opens without home/)).toBeVisible({ timeout: 30_000 });
    await expect(phone.getByText(/^As of .* go home by themselves\.$/)).toBeVisible({ timeout: 30_000 });
    await phone.context().setOffline(true);
    await phone.goto('/garden');
    await expect(phone.getByRole('heading', { name: 'Garden' })).toBeVisible();
    await expect(phone.getByText(/^No answer from home\./)).toBeVisible({ timeout: 20_000 });
  } finally {
    await browser.close();
  }
});
