import { defineConfig } from 'vitest/config'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'

/** What puts a module in another's place, or reads one anew. */
const ALONE = ['src/**/*.alone.test.ts']
/** What needs neither database nor disk. */
const CORE = ['src/core/**/*.test.ts', 'src/devices/**/*.test.ts']
const READY = ['./src/data/database/readyDatabase.test.setup.ts']
const usual = {
  setupFiles: ['./src/propertySeed.test.setup.ts'],
  // Modules are read once for all files, which halves the run: a test leaves nothing behind it in a module. Whoever puts another in its place is alone.
  isolate: false,
  testTimeout: 90_000,
  hookTimeout: 90_000,
}

export default defineConfig({
  resolve: {
    alias: {
      '@demo': fileURLToPath(new URL('./demo', import.meta.url)),
      '@': fileURLToPath(new URL('./src', import.meta.url)),
    },
  },
  test: {
    // Left to itself it keeps one core free, which on two cores is half of them.
    maxWorkers: availableParallelism(),
    projects: [
      { extends: true, test: { ...usual, name: 'core', include: CORE } },
      {
        extends: true,
        test: {
          ...usual,
          name: 'shop',
          include: ['src/**/*.test.ts', 'demo/**/*.test.ts'],
          exclude: [...CORE, ...ALONE],
          globalSetup: READY,
        },
      },
      {
        extends: true,
        test: { ...usual, name: 'alone', include: ALONE, isolate: true, globalSetup: READY },
      },
    ],
  },
})
