import { defineConfig } from '@playwright/test'
import { LAUNCH, ZONE } from './e2e/browser'

const LONG = ['matchCheck', 'matchPictures', 'editionOfTwelve', 'desk', 'day'].map(
  (name) => `${name}.spec.ts`,
)

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/readySample',
  // The long ones first, so that none of them is left alone at the end.
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'usual', testMatch: '*.spec.ts', testIgnore: LONG },
  ],
  outputDir: 'test-results/browser',
  // Patience for machines whose speed swings: nothing waits so long when all is well.
  timeout: 300_000,
  expect: { timeout: 40_000 },
  // On two cores three workers: one goes on while others wait for their servers. With four the desk’s keys come too late.
  workers: 3,
  fullyParallel: false,
  retries: 0,
  use: {
    viewport: { width: 1280, height: 800 },
    timezoneId: ZONE,
    launchOptions: LAUNCH,
    actionTimeout: 60_000,
  },
})
