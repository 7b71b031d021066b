import { defineConfig } from '@playwright/test';
import { CHROMIUM } from '../../e2e/chromium';

/** Every write by every way of being lost, on the real interface. */
export default defineConfig({
  testDir: '.',
  timeout: 120_000,
  expect: { timeout: 20_000 },
  workers: 2,
  reporter: [['line']],
  outputDir: '../../test-results/hard',
  use: {
    launchOptions: CHROMIUM,
    actionTimeout: 20_000,
    timezoneId: 'Europe/London',
    locale: 'en-GB',
    serviceWorkers: 'allow',
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  },
});
