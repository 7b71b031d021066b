import { defineConfig } from '@playwright/test';
import base from '../playwright.config';

/** `npm run screenshots`: one current picture of each main view, from the demonstration garden. */
export default defineConfig({
  ...base,
  testDir: './screenshots',
  testMatch: /\.shots\.ts/,
  outputDir: '../test-results',
  workers: 1,
  projects: [{ name: 'pictures' }],
});
