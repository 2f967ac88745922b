import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { ENVIRONMENT, installPackages, installWithApt, ROOT, run } from './prepare.mjs'

const REPORTS = path.join(ROOT, 'test-results')
/** Characters of one failure that are told again. */
const LONGEST_FAILURE = 3000
const CHROMIUM = '/usr/bin/chromium'
const tally = { passed: 0, failed: 0 }
/** What failed and what it said: told again at the end, where whoever reads only the tail of a log finds it. */
const failures = []
const node = (...args) => run(process.execPath, args)

/** One check that passes or fails as a whole. */
function check(what, act) {
  console.log(`\n== ${what}`)
  const passed = act()
  tally[passed ? 'passed' : 'failed'] += 1
  if (!passed) failures.push(what)
}

/** Checks that each use one core, run beside one another; what each said is shown together when it has ended. */
async function checkTogether(...checks) {
  await Promise.all(
    checks.map(
      ([what, ...args]) =>
        new Promise((done) => {
          const child = spawn(process.execPath, args, { cwd: ROOT, env: ENVIRONMENT })
          let said = ''
          for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text))
          child.on('close', (code) => {
            check(what, () => {
              if (said) console.log(said.trimEnd())
              return code === 0
            })
            done()
          })
        }),
    ),
  )
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

installPackages()
if (!existsSync(CHROMIUM) && !process.env.TYPOTHESIS_CHROMIUM) installWithApt(['chromium'])
rmSync(REPORTS, { recursive: true, force: true })
mkdirSync(REPORTS, { recursive: true })

await checkTogether(
  ['Types', 'node_modules/typescript/bin/tsc', '--noEmit'],
  ['Format', 'node_modules/prettier/bin/prettier.cjs', '--check', '.', '--log-level', 'warn'],
  ['Lint', 'node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0'],
  [
    'Imports run downward',
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    'src',
    'demo',
    'e2e',
    '--config',
    '.dependency-cruiser.cjs',
  ],
)

console.log('\n== Unit tests')
const unitReport = path.join(REPORTS, 'unit.json')
const unit = node(
  'node_modules/vitest/vitest.mjs',
  'run',
  '--reporter=dot',
  '--reporter=json',
  `--outputFile.json=${unitReport}`,
)
add(
  'Unit tests',
  unitReport,
  ({ numPassedTests, numFailedTests, testResults }) => ({
    passed: numPassedTests,
    failed: numFailedTests,
    said: testResults
      .filter(({ status }) => status === 'failed')
      .flatMap(({ name, message, assertionResults }) => {
        const failed = assertionResults.filter(({ status }) => status === 'failed')
        const file = path.relative(ROOT, name)
        return failed.length > 0
          ? failed.map(
              ({ fullName, failureMessages }) =>
                `${file} › ${fullName}\n${failureMessages.join('\n').slice(0, LONGEST_FAILURE)}`,
            )
          : [`${file}\n${message}`]
      }),
  }),
  unit,
)

let built = false
check('Production build', () => (built = node('node_modules/next/dist/bin/next', 'build')))

console.log('\n== Browser tests')
const browserReport = path.join(REPORTS, 'browser.json')
const browser =
  built &&
  run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', '--reporter=list,json'], {
    env: { ...ENVIRONMENT, PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport },
  })
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

console.log(`\n${tally.passed} passed, ${tally.failed} failed`)
process.exit(tally.failed > 0 ? 1 : 0)
