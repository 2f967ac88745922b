import { defineConfig } from 'vitest/config'
import usual from './vitest.config'

const [core] = usual.test!.projects as { test: object }[]

/** The core's tests alone and as one project, as the planting of faults wants them. */
export default defineConfig({ resolve: usual.resolve, test: core.test })
