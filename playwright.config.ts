import { defineConfig } from '@playwright/test'
import { LAUNCH, ZONE } from './e2e/browser'

const named = (...names: readonly string[]) => names.map((name) => `${name}.spec.ts`)
/** They hold pictures against one another, which takes a core for itself. */
const PICTURES = named('matchPictures', 'matchCheck', 'greyStrip', 'pictureSource')
const LONG = named('editionOfTwelve', 'walk', 'share', 'desk', 'day')

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/readySample',
  // The long ones first, so that none of them is left alone at the end.
  projects: [
    // One of these at a time, so that a core is left for those that keep to a clock.
    { name: 'pictures', testMatch: PICTURES, workers: 1 },
    { name: 'long', testMatch: LONG },
    { name: 'usual', testMatch: '*.spec.ts', testIgnore: [...PICTURES, ...LONG] },
  ],
  outputDir: 'test-results/browser',
  // Patience for machines whose speed swings: nothing waits so long when all is well.
  timeout: 480_000,
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
