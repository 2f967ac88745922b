import { defineConfig } from '@playwright/test'
import { LAUNCH } from './e2e/browser'

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  outputDir: 'test-results/browser',
  timeout: 90_000,
  expect: { timeout: 10_000 },
  workers: 2,
  fullyParallel: false,
  retries: 0,
  use: { viewport: { width: 1280, height: 800 }, timezoneId: 'Europe/Lisbon', launchOptions: LAUNCH, actionTimeout: 15_000 },
})
