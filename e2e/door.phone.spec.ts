import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium';
import { expect, test } from './fixtures';

/** A page of somebody else: on load it tries to read and to remove what is in the garden. */
const page = (base: string) => `<!doctype html><title>Elsewhere</title><script>
  const said = [];
  const all = Array.from({ length: 60 }, (_, i) => fetch('${base}/api/v1/plantings?' + i, { mode: 'no-cors' }).then((r) => said.push(r.type), () => said.push('refused')));
  const read = fetch('${base}/api/v1/plantings').then((r) => r.text()).then(() => 'read', () => 'refused');
  const write = fetch('${base}/api/v1/plantings/0197a000-0000-7000-8000-000000000001', { method: 'DELETE' }).then(() => 'sent', () => 'refused');
  Promise.all([read, write, ...all]).then(([r, w]) => { document.title = r + ' ' + w; });
</script>`;

let elsewhere: Server;
test.afterEach(() => void elsewhere.close());

test('another page, and a name that leads here, get nothing of the garden', async ({ server }) => {
  const before = await (await fetch(`${server.base}/api/v1/plantings`)).text();
  elsewhere = createServer((_req, res) => res.setHeader('Content-Type', 'text/html').end(page(server.base)));
  await new Promise<void>((r) => elsewhere.listen(0, '127.0.0.1', r));
  const port = (elsewhere.address() as AddressInfo).port;
  const browser = await chromium.launch({ ...CHROMIUM, args: [...(CHROMIUM.args ?? []), '--host-resolver-rules=MAP *.example.com 127.0.0.1'] });
  try {
    const tab = await browser.newPage();
    // another site, and another port of this machine
    for (const host of ['elsewhere.example.com', '127.0.0.1']) {
      await tab.goto(`http://${host}:${port}/`);
      await expect(tab).toHaveTitle('refused refused');
    }
    // a name of somebody's own that leads to this very server
    const rebound = await tab.goto(`${server.base.replace('127.0.0.1', 'garden.example.com')}/`);
    expect(rebound?.status()).toBe(421);
    expect(await tab.locator('body').innerText()).toContain('Open it at localhost or 127.0.0.1');
    // and its own pages are as they were
    const own = await browser.newPage();
    await own.goto(`${server.base}/garden`);
    await expect(own.getByRole('heading', { name: 'Garden' })).toBeVisible();
  } finally {
    await browser.close();
  }
  expect(await (await fetch(`${server.base}/api/v1/plantings`)).text()).toBe(before);
});
