import { defineConfig } from 'vitest/config'
import { fileURLToPath } from 'node:url'

export default defineConfig({
  resolve: { alias: { '@demo': fileURLToPath(new URL('./demo', import.meta.url)), '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: { include: ['src/**/*.test.ts', 'demo/**/*.test.ts'], setupFiles: ['./src/propertySeed.test.setup.ts'], testTimeout: 90_000 },
})
