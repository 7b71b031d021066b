import { AxeBuilder } from '@axe-core/playwright';
import { test as base, expect, type BrowserContext, type Page } from '@playwright/test';
import { TestServer } from './server';

/** Larkfold on a server of its own; the page fails on any console error or failed request. */
export const test = base.extend<{ server: TestServer; demo: boolean; quiet: void }>({
  demo: [true, { option: true }],
  server: async ({ demo }, give) => {
    const server = new TestServer(demo);
    await server.start();
    await give(server);
    await server.stop();
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

/** The same for tests that only read: one server and one profile for all of a worker's, so that the application is compiled once. */
export const reading = test.extend<object, { shared: TestServer; profile: BrowserContext }>({
  shared: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, give) => {
      const server = new TestServer(true);
      await server.start();
      await give(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  profile: [
    async ({ browser, shared }, give, { project }) => {
      const { viewport, hasTouch, isMobile, serviceWorkers, timezoneId, locale } = project.use;
      const context = await browser.newContext({ viewport, hasTouch, isMobile, serviceWorkers, timezoneId, locale, baseURL: shared.base });
      await give(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  server: async ({ shared }, give) => give(shared),
  page: async ({ profile }, give) => {
    const page = await profile.newPage();
    page.setDefaultTimeout(60_000);
    await give(page);
    await page.close();
  },
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
