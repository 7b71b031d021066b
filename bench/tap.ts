import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { TestServer } from '../e2e/server';
import { under, type Figure } from './figure';

/** The demonstration's broad beans. */
const BEANS = '0197a000-0000-7000-8000-000000000001';

/** Runs in the page, so it is text: the bundler's helpers are not there. */
const IN_PAGE = `new Promise((resolve) => {
  const from = performance.now();
  let blanks = 0;
  const look = () => {
    const text = document.body.innerText;
    if (!/Tap what you see|in 100/.test(text)) blanks++;
    if (/Black bean aphid/.test(text)) resolve({ ms: performance.now() - from, blanks });
    else requestAnimationFrame(look);
  };
  document.querySelector('[aria-label^="Dark crowds"]').click();
  requestAnimationFrame(look);
})`;

/** From the first tap on a sign to its suspect on the screen, and whether the foot of the screen was ever empty on the way. */
export async function tapFigures(): Promise<Figure[]> {
  const server = new TestServer();
  await server.start();
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(`${server.base}/look/${BEANS}`);
  await page.getByRole('button', { name: 'Tips' }).click();
  await page.getByText('Next look:').waitFor();
  const { ms, blanks } = await page.evaluate<{ ms: number; blanks: number }>(IN_PAGE);
  await browser.close();
  await server.stop();
  return [under('first tap to ranked answer', Math.round(ms), 200, 'ms'), under('blank frames on the way', blanks, 1, 'frames')];
}
