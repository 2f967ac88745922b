import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { ENVIRONMENT, installPackages, installWithApt, ROOT, run } from './prepare.mjs'

const REPORTS = path.join(ROOT, 'test-results')
const CHROMIUM = '/usr/bin/chromium'
const tally = { passed: 0, failed: 0 }
const node = (...args) => run(process.execPath, args)

/** One check that passes or fails as a whole. */
function check(what, act) {
  console.log(`\n== ${what}`)
  tally[act() ? 'passed' : 'failed'] += 1
}

/** Checks that each use one core, run beside one another; what each said is shown together when it has ended. */
async function checkTogether(...checks) {
  await Promise.all(checks.map(([what, ...args]) => new Promise((done) => {
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
  })))
}

/** Adds what a test runner counted; a runner that left no report has failed. */
function add(what, report, read, succeeded) {
  const counted = existsSync(report) ? read(JSON.parse(readFileSync(report, 'utf8'))) : { passed: 0, failed: 1 }
  if (!succeeded && counted.failed === 0) counted.failed = 1
  if (counted.passed + counted.failed === 0) counted.failed = 1
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
  ['Lint', 'node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0'],
  ['Imports run downward', 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs', 'src', 'demo', 'e2e', '--config', '.dependency-cruiser.cjs'],
)

console.log('\n== Unit tests')
const unitReport = path.join(REPORTS, 'unit.json')
const unit = node('node_modules/vitest/vitest.mjs', 'run', '--reporter=dot', '--reporter=json', `--outputFile.json=${unitReport}`)
add('Unit tests', unitReport, ({ numPassedTests, numFailedTests }) => ({ passed: numPassedTests, failed: numFailedTests }), unit)

let built = false
check('Production build', () => (built = node('node_modules/next/dist/bin/next', 'build')))

console.log('\n== Browser tests')
const browserReport = path.join(REPORTS, 'browser.json')
const browser = built && run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', '--reporter=list,json'], { env: { ...ENVIRONMENT, PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport } })
add('Browser tests', browserReport, ({ stats }) => ({ passed: stats.expected, failed: stats.unexpected + stats.flaky }), browser)

console.log(`\n${tally.passed} passed, ${tally.failed} failed`)
process.exit(tally.failed > 0 ? 1 : 0)
