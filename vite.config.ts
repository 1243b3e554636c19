import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig(({ command }) => ({
  plugins: [svelte(), tailwindcss(), svelteTesting()],
  publicDir: false,
  base: command === 'build' ? '/build/' : '/',
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: 'manifest.json',
    assetsInlineLimit: 0,
    sourcemap: false,
    rolldownOptions: { input: 'assets/main.ts' },
  },
  test: { environment: 'jsdom', include: ['assets/**/*.test.ts'], setupFiles: ['assets/testing/setup.ts'], testTimeout: 20_000 },
}));
