import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      'core/vitest.config.ts',
      'app/vitest.unit.config.ts',
      'app/vitest.server.config.ts',
      'tools/vitest.config.ts',
    ],
  },
});
