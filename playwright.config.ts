import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './e2e/chromium';

export default defineConfig({
  testDir: './e2e',
  // a journey is a whole job of weeks, and two run beside each other
  timeout: 240_000,
  // a machine that is busy with something else is waited for: what is right costs nothing by it
  expect: { timeout: 45_000 },
  workers: 2,
  // the tests of one file beside each other as well
  fullyParallel: true,
  reporter: [['list']],
  outputDir: 'test-results',
  use: { launchOptions: CHROMIUM, actionTimeout: 60_000, timezoneId: 'Europe/London', locale: 'en-GB', serviceWorkers: 'block' },
  projects: [
    { name: 'phone', testMatch: /\.phone\.spec\.ts/, use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } },
    { name: 'wide', testMatch: /\.wide\.spec\.ts/, use: { viewport: { width: 1280, height: 800 } } },
  ],
});
