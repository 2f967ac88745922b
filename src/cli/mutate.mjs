import { spawnSync } from 'node:child_process'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { ROOT } from './prepare.mjs'

/**
 * Plants faults in the files named, a file after the other, and runs against each fault the core's tests that import that file: what
 * only a test far away would notice counts as unnoticed. A line a file tells how many were caught as soon as it is done.
 */
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

/** The core's tests that import the file, by its name. */
function testsOf(file) {
  const name = path.basename(file, '.ts')
  return readdirSync(path.join(ROOT, 'src/core'), { recursive: true })
    .map((test) => path.posix.join('src/core', test))
    .filter(
      (test) =>
        test.endsWith('.test.ts') && readFileSync(path.join(ROOT, test), 'utf8').includes(`/${name}'`),
    )
}

const REPORT = path.join(ROOT, 'test-results/mutants.json')
const CAUGHT = ['Killed', 'Timeout']
const MISSED = ['Survived', 'NoCoverage']

/** How many of the file's faults were caught and missed, out of the report of its run. */
function toldOf(file) {
  const faults = Object.values(JSON.parse(readFileSync(REPORT, 'utf8')).files).flatMap((one) => one.mutants)
  const counted = (kinds) => faults.filter((fault) => kinds.includes(fault.status)).length
  const [caught, missed] = [counted(CAUGHT), counted(MISSED)]
  return `${file}: ${caught} of ${caught + missed} caught (${((100 * caught) / (caught + missed)).toFixed(1)} %)`
}

let failed = 0
const told = []
for (const file of files) {
  const { status } = spawnSync('npx', ['stryker', 'run', '--mutate', file], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, TYPOTHESIS_MUTATE_TESTS: testsOf(file).join(',') },
  })
  if (status !== 0) failed = status ?? 1
  told.push(status === 0 ? toldOf(file) : `${file}: the run failed`)
  console.log(told.at(-1))
}
console.log(`\n${told.join('\n')}`)
process.exit(failed)
