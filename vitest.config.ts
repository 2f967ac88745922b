import { defineConfig } from 'vitest/config'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'

export default defineConfig({
  resolve: {
    alias: {
      '@demo': fileURLToPath(new URL('./demo', import.meta.url)),
      '@': fileURLToPath(new URL('./src', import.meta.url)),
    },
  },
  // Left to itself it keeps one core free, which on two cores is half of them.
  test: {
    maxWorkers: availableParallelism(),
    include: ['src/**/*.test.ts', 'demo/**/*.test.ts'],
    globalSetup: ['./src/data/readyDatabase.test.setup.ts'],
    setupFiles: ['./src/propertySeed.test.setup.ts'],
    testTimeout: 90_000,
    hookTimeout: 90_000,
  },
})
