import { defineConfig } from '@playwright/test';

const chromium = {
  executablePath: process.env.KATACHRON_CHROMIUM ?? '/usr/bin/chromium',
  args: [
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
  testDir: 'e2e',
  fullyParallel: true,
  workers: 2,
  forbidOnly: true,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  // These run against a real clock; a machine that stalls for a moment gets a second go, and is told of it.
  retries: 1,
  use: {
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  },
  projects: [
    {
      name: 'app',
      testIgnore: [
        ...['scrollbars.spec.ts', 'come-back.spec.ts'],
        ...['fuzz.spec.ts', 'any-record.spec.ts', 'every-key.spec.ts'],
      ],
      use: { launchOptions: chromium },
    },
    {
      // A project has workers of its own: what it leaves in their database is met by no other test. After all that keeps time, which it would disturb.
      name: 'fuzz',
      testMatch: ['every-key.spec.ts', 'fuzz.spec.ts', 'any-record.spec.ts'],
      use: { launchOptions: chromium },
    },
    {
      // With pages kept as a browser keeps them.
      name: 'come-back',
      testMatch: 'come-back.spec.ts',
      use: {
        launchOptions: { ...chromium, ignoreDefaultArgs: ['--disable-back-forward-cache'] },
      },
    },
    {
      // With its scrollbars drawn, as a person at a desk has them.
      name: 'scrollbars',
      testMatch: 'scrollbars.spec.ts',
      use: { launchOptions: { ...chromium, ignoreDefaultArgs: ['--hide-scrollbars'] } },
    },
  ],
});
