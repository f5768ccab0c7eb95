import { defineConfig } from '@playwright/test'

/** `./zebrafinch test web` starts the server and the workstations, and says where they are. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'var/web-tests/results',
  // The tests share one demo world, as people do.
  workers: 1,
  // Generous, for machines that are busy with other things.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: 'list',
  use: {
    baseURL: process.env.ZEBRAFINCH_URL ?? 'http://127.0.0.1:8460',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      // Debian's Chromium, built to run without a window system.
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
