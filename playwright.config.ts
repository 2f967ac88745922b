import { defineConfig } from '@playwright/test'
import { LAUNCH } from './e2e/browser'

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/readySample',
  testMatch: '*.spec.ts',
  outputDir: 'test-results/browser',
  // Patience for machines whose speed swings: nothing waits so long when all is well.
  timeout: 180_000,
  expect: { timeout: 25_000 },
  // On two cores three workers: one goes on while others wait for their servers. With four the desk’s keys come too late.
  workers: 3,
  fullyParallel: false,
  retries: 0,
  use: {
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Lisbon',
    launchOptions: LAUNCH,
    actionTimeout: 40_000,
  },
})
