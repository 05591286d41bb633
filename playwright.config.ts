import { defineConfig } from '@playwright/test'
import { chromiumFlags } from './scripts/lib.mjs'

/** Two pages share two cores: helpers that compile and collect beside one of them only hold up the other. */
const testFlags = ['--js-flags=--single-threaded']

const port = Number(process.env.E2E_PORT ?? 4173)

export default defineConfig({
  testDir: 'tests/e2e',
  timeout: 300_000,
  expect: { timeout: 60_000 },
  fullyParallel: true,
  workers: 2,
  forbidOnly: true,
  outputDir: 'test-results',
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    actionTimeout: 60_000,
    // What a page showed is told in words where a test fails; a trace of all that happens costs a third of the time.
    trace: 'off',
    // Each test has a browser of its own, whose service worker would fetch the whole app anew; the tests of what
    // works without a connection allow it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [...chromiumFlags, ...testFlags],
    },
  },
  webServer: {
    command: 'node .output/server/index.mjs',
    url: `http://localhost:${port}`,
    // What is tested here is what is printed, not how fast, beside two browsers on two cores.
    env: { PORT: String(port), NITRO_PORT: String(port), PRINT_WITHIN_MS: '60000' },
    reuseExistingServer: false,
    stdout: 'ignore',
  },
})
