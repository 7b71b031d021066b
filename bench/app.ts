import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { TestServer } from '../e2e/server';
import { under, type Figure } from './figure';

const DIST = join(import.meta.dirname ?? __dirname, '../packages/app/dist');

/** What a browser loads for Today on a first visit, gzipped; worker scripts counted apart. */
export async function appFigures(): Promise<Figure[]> {
  const server = new TestServer();
  await server.start();
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage();
  const scripts = new Set<string>();
  page.on('request', (r) => {
    const path = new URL(r.url()).pathname;
    if (path.endsWith('.js')) scripts.add(path);
  });
  await page.goto(server.base);
  await page.getByText('Look again').waitFor();
  await browser.close();
  await server.stop();
  const size = [...scripts].filter((s) => !/\/core-/.test(s)).reduce((sum, s) => sum + gzipSync(readFileSync(join(DIST, decodeURIComponent(s)))).length, 0);
  return [under('first-load JavaScript, gzip', Math.round(size / 100) / 10, 420, 'kB')];
}
