import { execSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { ROOT } from './prepare.mjs'

/** Between these the tests' share of all code should lie. */
const WANTED = [0.25, 0.33]

const isTest = (file) => /\.test\.|^e2e\//.test(file)
const files = execSync('git ls-files --cached --others --exclude-standard', { cwd: ROOT, encoding: 'utf8' })
  .split('\n')
  .filter((file) => /\.(ts|tsx|mjs|cjs|css)$/.test(file))
const count = (chosen) =>
  chosen.reduce(
    (sum, file) =>
      sum +
      readFileSync(`${ROOT}/${file}`, 'utf8')
        .split('\n')
        .filter((line) => line.trim()).length,
    0,
  )
const tests = count(files.filter(isTest))
const code = count(files.filter((file) => !isTest(file)))
const ratio = tests / (tests + code)
console.log(
  `code ${code} lines, tests ${tests} lines, tests / all ${ratio.toFixed(3)} (wanted ${WANTED.join(' to ')})`,
)
