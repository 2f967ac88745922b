import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import {
  DRIVER,
  DRIVER_ENVIRONMENT,
  ENVIRONMENT,
  installPackages,
  installWithApt,
  REBUILD_DRIVER,
  ROOT,
} from './prepare.mjs'

const REPORTS = path.join(ROOT, 'test-results')
/** Characters of one failure that are told again. */
const LONGEST_FAILURE = 3000
const CHROMIUM = '/usr/bin/chromium'
const SAMPLE = path.join(REPORTS, 'sample')
const SAMPLE_ENV = { ...ENVIRONMENT, TYPOTHESIS_DATA: SAMPLE, TYPOTHESIS_SAMPLE_AS_WRITTEN: '1' }
/** What unit and browser tests are told: where the sample lies ready to be copied. */
const TEST_ENV = { ...ENVIRONMENT, TYPOTHESIS_TEST_SAMPLE: SAMPLE }
const tally = { passed: 0, failed: 0 }
/** What failed and what it said: told again at the end, where whoever reads only the tail of a log finds it. */
const failures = []
const began = Date.now()
const since = (from) => `${((Date.now() - from) / 1000).toFixed(0)} s`

/**
 * Runs a command; what it said is shown when it has ended, so that two lanes do not mix their words.
 *
 * @returns whether it succeeded
 */
function run(what, command, args, { live = false, env = ENVIRONMENT } = {}) {
  const from = Date.now()
  return new Promise((done) => {
    if (live) console.log(`\n== ${what}`)
    const child = spawn(command, args, { cwd: ROOT, env, stdio: live ? 'inherit' : 'pipe' })
    let said = ''
    if (!live) for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text))
    child.on('close', (code) => {
      console.log(live ? `(${what}: ${since(from)})` : `\n== ${what} (${since(from)})\n${said.trimEnd()}`)
      done(code === 0)
    })
  })
}

/** One check that passes or fails as a whole. */
async function check(what, ...args) {
  const passed = await run(what, process.execPath, args)
  tally[passed ? 'passed' : 'failed'] += 1
  if (!passed) failures.push(what)
  return passed
}

/** Adds what a test runner counted; a runner that left no report has failed. */
function add(what, report, read, succeeded) {
  const counted = existsSync(report)
    ? read(JSON.parse(readFileSync(report, 'utf8')))
    : { passed: 0, failed: 1, said: ['no report'] }
  if (!succeeded && counted.failed === 0) counted.failed = 1
  if (counted.passed + counted.failed === 0) counted.failed = 1
  if (counted.failed > 0) failures.push(...counted.said.map((text) => `${what}: ${text}`))
  console.log(`${what}: ${counted.passed} passed, ${counted.failed} failed`)
  tally.passed += counted.passed
  tally.failed += counted.failed
}

const readUnit = ({ numPassedTests, numFailedTests, testResults }) => ({
  passed: numPassedTests,
  failed: numFailedTests,
  said: testResults
    .filter(({ status }) => status === 'failed')
    .flatMap(({ name, message, assertionResults }) => {
      const failed = assertionResults.filter(({ status }) => status === 'failed')
      const file = path.relative(ROOT, name)
      if (failed.length === 0) return [`${file}\n${message}`]
      return failed.map(
        ({ fullName, failureMessages }) =>
          `${file} › ${fullName}\n${failureMessages.join('\n').slice(0, LONGEST_FAILURE)}`,
      )
    }),
})

/** Unit tests of one project, on the core this lane has. */
async function unitTests(project) {
  const report = path.join(REPORTS, `${project}.json`)
  const what = `Unit tests, ${project}`
  const succeeded = await run(
    what,
    process.execPath,
    [
      ...['node_modules/vitest/vitest.mjs', 'run', '--project', project, '--maxWorkers', '1'],
      ...['--reporter=dot', '--reporter=json', `--outputFile.json=${report}`],
    ],
    { env: TEST_ENV },
  )
  add(what, report, readUnit, succeeded)
}

installPackages({ scripts: false })
if (!existsSync(CHROMIUM) && !process.env.TYPOTHESIS_CHROMIUM) installWithApt(['chromium'])
rmSync(REPORTS, { recursive: true, force: true })
mkdirSync(REPORTS, { recursive: true })
console.log(`Packages are in place after ${since(began)}.`)

/** Says whether the sample lies ready, as soon as that is known. */
let sampleLies
const sampleReady = new Promise((resolve) => (sampleLies = resolve))

/** What needs no database goes on beside the driver's compiling; what needs it and takes long in one file comes after. */
async function coreLane() {
  await check('Format', 'node_modules/prettier/bin/prettier.cjs', '--check', '.', '--log-level', 'warn')
  await check('Types', 'node_modules/typescript/bin/tsc', '--noEmit')
  await check('Lint', 'node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0')
  await check(
    'Imports run downward',
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    ...['src', 'demo', 'e2e', '--config', '.dependency-cruiser.cjs'],
  )
  await unitTests('core')
  if (await sampleReady) await unitTests('alone')
}

let built = false
async function shopLane() {
  if (!existsSync(DRIVER)) {
    const compiled = await run('The database driver compiles', ...REBUILD_DRIVER, { env: DRIVER_ENVIRONMENT })
    if (!compiled) return failures.push('the database driver did not compile')
  }
  // Laid out once for all tests that begin from it.
  if (
    !(await run('The sample', process.execPath, ['--import', 'tsx', 'src/cli/seed.ts'], { env: SAMPLE_ENV }))
  )
    return failures.push('the sample could not be laid out')
  sampleLies(true)
  await unitTests('shop')
  built = await check('Production build', 'node_modules/next/dist/bin/next', 'build')
}
await Promise.all([coreLane(), shopLane().finally(() => sampleLies(false))])

const browserReport = path.join(REPORTS, 'browser.json')
const browser =
  built &&
  (await run(
    'Browser tests',
    process.execPath,
    ['node_modules/@playwright/test/cli.js', 'test', '--reporter=list,json'],
    { live: true, env: { ...TEST_ENV, PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport } },
  ))
add(
  'Browser tests',
  browserReport,
  ({ stats }) => ({
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky,
    said: ['what failed is told above'],
  }),
  browser,
)
for (const failure of failures) console.log(`\nFailed: ${failure}`)

console.log(`\nThe whole run took ${since(began)}.`)
console.log(`${tally.passed} passed, ${tally.failed} failed`)
process.exit(tally.failed > 0 ? 1 : 0)
