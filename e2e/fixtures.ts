import { AxeBuilder } from '@axe-core/playwright';
import { test as base, expect, type BrowserContext, type Page } from '@playwright/test';
import { baseOf, freePort, TestServer } from './server';

interface Mine {
  readonly server: TestServer;
  readonly demo: boolean;
  readonly quiet: void;
}
interface Workers {
  /** Where this worker's servers stand, one after the other: what the browser compiled of the application serves them all. */
  readonly port: number;
  readonly profile: BrowserContext;
}

/**
 * Larkfold on a server of its own; the page fails on any console error or failed request. The tests of a worker share
 * a browser profile that is emptied between them, but for those with a service worker: they have one of their own.
 */
export const test = base.extend<Mine, Workers>({
  demo: [true, { option: true }],
  port: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, give) => give(await freePort()),
    { scope: 'worker' },
  ],
  profile: [
    async ({ browser, port }, give, { project }) => {
      const { viewport, hasTouch, isMobile, serviceWorkers, timezoneId, locale } = project.use;
      const context = await browser.newContext({ viewport, hasTouch, isMobile, serviceWorkers, timezoneId, locale, baseURL: baseOf(port) });
      await give(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  server: async ({ demo, port }, give) => {
    const server = new TestServer(demo, false, {}, port);
    await server.start();
    await give(server);
    await server.stop();
  },
  context: async ({ context, profile, serviceWorkers }, give) => {
    if (serviceWorkers === 'allow') return give(context);
    profile.setDefaultTimeout(ACTION);
    await give(profile);
    for (const page of profile.pages()) await page.close();
    await profile.setOffline(false);
    await profile.clearPermissions();
    await profile.clearCookies();
  },
  page: async ({ context, profile, server }, give) => {
    const page = await context.newPage();
    if (context === profile) await empty(page, server.base);
    await give(page);
  },
  baseURL: async ({ server }, give) => give(server.base),
  quiet: [
    async ({ page, server }, give) => {
      const wrong: string[] = [];
      page.on('console', (m) => {
        if (m.type() === 'error') wrong.push(m.text());
      });
      page.on('pageerror', (e) => wrong.push(e.message));
      page.on('response', (r) => {
        // 503: a copy is being put back, and the house is asked again
        if (r.status() >= 500 && r.status() !== 503) wrong.push(`${r.status()} ${r.url()}`);
      });
      await give();
      // a refusal that a test provokes is logged by the browser as a failed load; that is no error of ours
      const away = (w: string) =>
        server.restarted && /net::ERR_(CONNECTION_REFUSED|CONNECTION_RESET|EMPTY_RESPONSE|SOCKET_NOT_CONNECTED)|^Loading module \S+ failed/.test(w);
      // a test that takes the network away
      const offline = (w: string) => /net::ERR_INTERNET_DISCONNECTED/.test(w);
      expect(wrong.filter((w) => !/status of (4(01|04|09|13|22)|503)/.test(w) && !away(w) && !offline(w))).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** How long something to tap is waited for: a machine that is busy with something else costs nothing else. */
const ACTION = 60_000;

/** Nothing of the test before is left; what was compiled is. */
async function empty(page: Page, origin: string): Promise<void> {
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb,local_storage,cache_storage,service_workers,file_systems' });
  await devtools.detach();
}

/** The same for tests that only read: one server for all of a worker's. */
export const reading = test.extend<object, { shared: TestServer }>({
  shared: [
    async ({ port }, give) => {
      const server = new TestServer(true, false, {}, port);
      await server.start();
      await give(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  server: async ({ shared }, give) => give(shared),
});

/** Nothing serious for a person who uses the page another way. There are no frames, so that it runs in the page itself: a quarter of the time. */
export async function accessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .analyze();
  expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical').map((v) => `${v.id}: ${v.nodes[0]?.html}`)).toEqual([]);
}

export const larkfold = (n: number) => `0197a000-0000-7000-8000-${String(n).padStart(12, '0')}`;

/** The garden in another country, where what is made at home may go on plants: in its own it may not. */
export async function moveTo(page: Page, country: string): Promise<void> {
  const garden = (await (await page.request.get('/api/v1/garden')).json()) as Record<string, unknown>;
  const moved = await page.request.put('/api/v1/garden', { data: { ...garden, country, region: '', homeMade: 'allowed' } });
  expect(moved.ok(), await moved.text()).toBe(true);
}

/** From the broad beans to an open case, tapping what a grower taps. */
export async function nameTheAphid(page: Page): Promise<void> {
  await page.goto('/garden');
  await page.getByRole('button', { name: /^Broad beans/ }).click();
  await page.getByRole('button', { name: 'Start a look' }).click();
  await page.getByRole('button', { name: 'Tips' }).click();
  await page.getByRole('button', { name: /^Dark crowds on the tips/ }).click();
  await page.getByRole('button', { name: /^Ants running up/ }).click();
  await page.getByRole('button', { name: /^Sticky shine/ }).click();
  await page.getByLabel('Tips with it').fill('9');
  await page.getByLabel('Tips looked at').fill('20');
  await page.getByRole('button', { name: 'It is black bean aphid: decide' }).click();
  await expect(page.getByRole('heading', { name: 'Black bean aphid' })).toBeVisible();
}
