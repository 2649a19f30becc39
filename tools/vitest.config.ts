import { defineConfig } from 'vitest/config';

/** The command itself, started as a person would. */
export default defineConfig({
  test: {
    name: 'command',
    include: ['test/**/*.test.ts'],
    globalSetup: ['../app/test/server/cluster.ts'],
    testTimeout: 120_000,
    // It starts servers and takes ports; a stalled machine gets one second go, which the run names.
    retry: 1,
  },
});
