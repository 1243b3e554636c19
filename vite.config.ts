import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { constants, gzipSync } from 'node:zlib';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig } from 'vitest/config';

/** Beside every script and style one as small as it gets: nginx sends it as it is (gzip_static). */
const compressed = () => ({
  name: 'compressed',
  apply: 'build' as const,
  writeBundle({ dir }: { dir?: string }) {
    const folder = join(dir ?? '', 'assets');
    for (const file of readdirSync(folder).filter((one) => /\.(js|css)$/.test(one))) {
      const bytes = readFileSync(join(folder, file));
      writeFileSync(join(folder, `${file}.gz`), gzipSync(bytes, { level: constants.Z_BEST_COMPRESSION }));
    }
  },
});

export default defineConfig(({ command }) => ({
  plugins: [svelte(), tailwindcss(), svelteTesting(), compressed()],
  publicDir: false,
  base: command === 'build' ? '/build/' : '/',
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: 'manifest.json',
    assetsInlineLimit: 0,
    sourcemap: false,
    rolldownOptions: {
      input: 'assets/main.ts',
      // What several stages share comes as one file, not as a dozen of one kilobyte each.
      output: { codeSplitting: { groups: [{ name: 'shared', test: /assets\/(api|components|lib|state)\//, minShareCount: 2 }] } },
    },
  },
  test: { environment: 'jsdom', include: ['assets/**/*.test.ts'], setupFiles: ['assets/testing/setup.ts'], testTimeout: 20_000 },
}));
