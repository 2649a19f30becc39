import { defineConfig } from 'vitest/config';

// Long computations on a machine that does other things as well: no time is asserted here.
export default defineConfig({
  test: { name: 'core', include: ['test/**/*.test.ts'], testTimeout: 60_000 },
});
