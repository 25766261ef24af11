import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  resolve: {
    alias: {
      '@arcus/core': at('packages/core/src/index.ts'),
      '@arcus/contract': at('packages/contract/src/index.ts'),
      '@arcus/demo': at('demo/src/index.ts'),
    },
  },
  // two at a time, also where there are only two cores
  test: { maxWorkers: 2, include: ['{packages,apps,demo}/**/src/**/*.test.{ts,tsx}'], testTimeout: 30_000, hookTimeout: 60_000 },
});
