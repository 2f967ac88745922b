import { defineConfig } from 'vitest/config'
import usual from './vitest.config'

const [core] = usual.test!.projects as { test: object }[]
const named = process.env.TYPOTHESIS_MUTATE_TESTS

/** The core's tests as one project, as the planting of faults wants them: those it names, or all. */
export default defineConfig({
  resolve: usual.resolve,
  test: { ...core.test, ...(named ? { include: named.split(',') } : {}) },
})
