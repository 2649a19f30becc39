import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** The server's side against a real PostgreSQL, a fresh database for each file. */
export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  resolve: { alias: { $lib: fileURLToPath(new URL('./src/lib', import.meta.url)) } },
  test: {
    name: 'server',
    include: ['test/server/**/*.test.ts'],
    globalSetup: ['test/server/cluster.ts'],
    testTimeout: 30_000,
    // A stalled machine gets one second go, which the run names.
    retry: 1,
    hookTimeout: 60_000,
  },
});
