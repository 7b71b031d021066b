import { defineConfig } from '@playwright/test';

const launchOptions = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

export default defineConfig({
  testDir: './e2e',
  timeout: 90_000,
  expect: { timeout: 15_000 },
  workers: 2,
  reporter: [['list']],
  outputDir: 'test-results',
  use: { launchOptions, actionTimeout: 20_000, timezoneId: 'Europe/London', locale: 'en-GB' },
  projects: [
    { name: 'phone', testMatch: /\.phone\.spec\.ts|\.both\.spec\.ts/, use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } },
    { name: 'wide', testMatch: /\.wide\.spec\.ts|\.both\.spec\.ts/, use: { viewport: { width: 1280, height: 800 } } },
  ],
});
