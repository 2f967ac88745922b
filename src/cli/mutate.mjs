import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { ROOT } from './prepare.mjs'

/** Plants faults in the files named, one at a time, and runs the core's tests against each. */
const files = process.argv.slice(2)
const unknown = files.filter((file) => !existsSync(file) || !file.startsWith('src/core/'))
if (files.length === 0 || unknown.length > 0) {
  console.error(
    unknown.length > 0
      ? `No such file of the core: ${unknown.join(', ')}`
      : 'npm run mutate -- src/core/… : name the files faults are planted in.',
  )
  process.exit(2)
}
const { status } = spawnSync('npx', ['stryker', 'run', '--mutate', files.join(',')], {
  cwd: ROOT,
  stdio: 'inherit',
})
process.exit(status ?? 1)
