import { defineConfig } from '@playwright/test'

// Chromium as Debian ships it; the flags keep it from calling out.
export const launchOptions = {
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
}

export default defineConfig({
  testDir: 'tests/e2e',
  // One to a core: each has a server and records of its own.
  workers: 2,
  retries: 0,
  forbidOnly: true,
  // Generous, for a machine that others share.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json']],
  use: {
    launchOptions,
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    actionTimeout: 30_000,
    timezoneId: 'America/Denver',
    locale: 'en-US',
  },
})
