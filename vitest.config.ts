import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const times = { testTimeout: 30_000, hookTimeout: 60_000 };

export default defineConfig({
  resolve: {
    alias: {
      '@arcus/core': at('packages/core/src/index.ts'),
      '@arcus/contract': at('packages/contract/src/index.ts'),
      '@arcus/demo': at('demo/src/index.ts'),
    },
  },
  test: {
    // two at a time, also where there are only two cores
    maxWorkers: 2,
    projects: [
      // the core keeps no state between calls: its files share one set of modules, which are read once
      { extends: true, test: { ...times, name: 'core', include: ['packages/**/src/**/*.test.ts'], isolate: false } },
      { extends: true, test: { ...times, name: 'apps', include: ['{apps,demo}/**/src/**/*.test.{ts,tsx}'] } },
    ],
  },
});
