import { defineConfig } from '@playwright/test';
import offline from '../offline/offline.config';

/** A whole season on the real interface, day by day: some fifteen minutes. */
export default defineConfig({
  ...offline,
  testDir: '.',
  timeout: 45 * 60_000,
  workers: 1,
  use: { ...offline.use, timezoneId: 'America/New_York', locale: 'en-US', serviceWorkers: 'block' },
});
