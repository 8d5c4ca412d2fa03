import { defineConfig } from '@playwright/test';
import { launchOptions } from './people.mjs';

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.mjs',
  outputDir: '../../var/playwright',
  // Long enough for a machine that is busy with something else: a wait ends as soon as what it waits for is there.
  timeout: 600_000,
  workers: 2,
  // A second try would hide what goes wrong only now and then.
  retries: 0,
  expect: { timeout: 40_000 },
  forbidOnly: Boolean(process.env.CI),
  reporter: [['list']],
  use: {
    baseURL: process.env.BASE_URL,
    viewport: { width: 1280, height: 800 },
    launchOptions,
    reducedMotion: 'reduce',
    // The one for photos that wait starts a process in every new context; where it is looked at, it is let in.
    serviceWorkers: 'block',
    actionTimeout: 40_000,
    navigationTimeout: 90_000,
  },
});
