/**
 * `npm run mutate`: faults planted in files of the core. Words are not varied: what a message says is read by people, and a test that
 * pins it letter by letter tests nothing else. Nor is what is made once when a file is loaded, for which every test would run each time.
 */
const config = {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutate.config.ts' },
  plugins: ['@stryker-mutator/vitest-runner'],
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: 'test-results/mutants.json' },
  tempDirName: 'test-results/stryker',
  ignorePatterns: ['.next', 'test-results', 'docs', 'data', 'demo-data', 'e2e'],
  coverageAnalysis: 'perTest',
  mutator: { excludedMutations: ['StringLiteral'] },
  ignoreStatic: true,
  concurrency: 2,
  dryRunTimeoutMinutes: 20,
  thresholds: { high: 95, low: 85, break: null },
}

export default config
