import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'var/playwright',
  reporter: [['list']],
  // One rig and one database: the journeys go one after the other.
  workers: 1,
  timeout: 120_000,
  expect: { timeout: 8_000 },
  use: {
    baseURL: process.env.APP_URL ?? 'http://127.0.0.1:8080',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    actionTimeout: 10_000,
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
