import { readFileSync, writeFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** Compresses every script and style once, as closely as it goes: the server sends them so. */
const compressed = (): Plugin => ({
  name: 'compressed',
  apply: 'build',
  closeBundle() {
    const assets = at('dist/assets');
    for (const name of readdirSync(assets).filter((each) => /\.(js|css)$/.test(each)))
      writeFileSync(join(assets, `${name}.br`), brotliCompressSync(readFileSync(join(assets, name))));
  },
});

export default defineConfig({
  plugins: [react(), compressed()],
  resolve: { alias: { '@arcus/core': at('../../packages/core/src/index.ts') } },
  build: { outDir: 'dist', manifest: true, target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  worker: { format: 'es' },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env['PORT'] ?? 4870}` } },
});
