import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { TestServer } from '../e2e/server';
import { under, type Figure } from './figure';

/** The demonstration's broad beans. */
const BEANS = '0197a000-0000-7000-8000-000000000001';
const SLOWED = 4;
const TYPED = 'black crowd';
/** So long nothing more changes on the screen after a letter: what it brings is all there. */
const STILL_MS = 400;

/** Runs in the page, so it is text: types each letter and times the first and the last tile that it brought, in ms. */
const IN_PAGE = `(async (letters, still) => {
  const input = document.querySelector('input[aria-label="Find a sign"]') ?? document.querySelector('input');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const times = [];
  let typed = '';
  for (const letter of letters) {
    typed += letter;
    const from = performance.now();
    let first = 0;
    let last = from;
    const seen = new MutationObserver(() => { last = performance.now(); first ||= last; });
    seen.observe(document.querySelector('main') ?? document.body, { subtree: true, childList: true });
    set.call(input, typed);
    input.dispatchEvent(new Event('input', { bubbles: true }));
    while (performance.now() - Math.max(last, from) < still) await new Promise((r) => setTimeout(r, 20));
    seen.disconnect();
    // a letter that changes nothing of what is found took no time
    if (first) times.push({ first: first - from, last: last - from });
  }
  return times;
})`;

/** From a letter typed into the search of signs to what it finds, on a phone slowed four times. */
export async function typingFigures(): Promise<Figure[]> {
  const server = new TestServer();
  await server.start();
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(`${server.base}/look/${BEANS}`);
  await page.getByRole('button', { name: 'Tips' }).click();
  await page.getByText('Next look:').waitFor();
  // the first word fetches the search itself
  await page.getByLabel('Find a sign').fill('ants');
  await page.getByRole('button', { name: /^Ants/ }).first().waitFor();
  await page.getByLabel('Find a sign').fill('');
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  const times = await page.evaluate<{ first: number; last: number }[]>(`${IN_PAGE}(${JSON.stringify([...TYPED])}, ${STILL_MS})`);
  await browser.close();
  await server.stop();
  const middle = (of: (t: { first: number; last: number }) => number) => [...times].map(of).sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;
  return [
    under(`letter typed to the first signs found, slowed ${SLOWED} times`, Math.round(middle((t) => t.first)), 50, 'ms'),
    under(`letter typed to all of them drawn, slowed ${SLOWED} times`, Math.round(middle((t) => t.last)), 200, 'ms'),
  ];
}
