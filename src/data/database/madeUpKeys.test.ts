import { spawnSync } from 'node:child_process'
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import ts from 'typescript'
import { afterAll, describe, expect, it } from 'vitest'

const ROOT = path.resolve(import.meta.dirname, '../../..')
/** Within the project, so that its packages are found from there. */
const COPY = path.join(ROOT, 'test-results', `made-up-${process.pid}`)
const RELEASES = path.join(import.meta.dirname, 'migrations/releases')
afterAll(() => rmSync(COPY, { recursive: true, force: true }))

/** The shape of the settings itself: a part more is a new version, with a step that leads there. */
const NO_LISTS = ['STATION_SETTINGS']

/** A list of things by key, as `export const KINDS = { … } as const`, with its type taken from its keys. */
function keyedLists(source: ts.SourceFile): { name: string; first: ts.PropertyAssignment }[] {
  return source.statements.flatMap((statement) => {
    if (!ts.isVariableStatement(statement)) return []
    return statement.declarationList.declarations.flatMap((declaration) => {
      let value = declaration.initializer
      while (value && (ts.isAsExpression(value) || ts.isSatisfiesExpression(value))) value = value.expression
      if (!value || !ts.isObjectLiteralExpression(value) || !ts.isIdentifier(declaration.name)) return []
      const name = declaration.name.text
      const first = value.properties.find(ts.isPropertyAssignment)
      const isKeyed = new RegExp(`keyof typeof ${name}\\b`).test(source.text)
      return first && isKeyed && !NO_LISTS.includes(name) ? [{ name, first }] : []
    })
  })
}

/** Gives every keyed list of a file one key more, which no database has ever heard of. @returns names of the lists */
function addMadeUpKeys(file: string): string[] {
  const text = readFileSync(file, 'utf8')
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const lists = keyedLists(source)
  const grown = lists.toReversed().reduce((so, { first }) => {
    const at = first.getStart(source)
    return `${so.slice(0, at)}'made-up': ${first.initializer.getText(source)},\n  ${so.slice(at)}`
  }, text)
  if (lists.length > 0) writeFileSync(file, grown)
  return lists.map(({ name }) => name)
}

const OPEN_ALL = `
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import { loadCards } from './ink/cards'
import { closeDatabase } from './database/database'
import { exportJobFile } from './record/jobFiles'
import { listJobs, loadJob } from './shop/jobs'
import { latestMornings } from './shop/mornings'
import { loadPressureTrials } from './press/pressCards'
import { loadProofPairs } from './prove/proofPairs'
import { loadStore } from './shop/store'

for (const file of process.argv.slice(2)) {
  const folder = path.join(import.meta.dirname, path.basename(file))
  mkdirSync(folder)
  writeFileSync(path.join(folder, 'typothesis.sqlite'), gunzipSync(readFileSync(file)))
  process.env.TYPOTHESIS_DATA = folder
  const jobs = await listJobs()
  let pulls = 0
  for (const { slug } of jobs) {
    pulls += (await loadJob(slug)).pulls.length
    await exportJobFile(slug, '2031-05-02T09:00:00.000Z')
  }
  await Promise.all([loadStore(), loadCards(), latestMornings(2), loadPressureTrials(), loadProofPairs()])
  await closeDatabase()
  console.log([path.basename(file), jobs.length, pulls].join(' '))
}
`

describe('a key added to every keyed list', () => {
  it('keeps no database of any release from being read', () => {
    mkdirSync(COPY, { recursive: true })
    for (const layer of ['core', 'data'])
      cpSync(path.join(ROOT, 'src', layer), path.join(COPY, 'src', layer), {
        recursive: true,
        filter: (file) => !/\.test\.|releases/.test(file),
      })
    cpSync(path.join(ROOT, 'tsconfig.json'), path.join(COPY, 'tsconfig.json'))
    const core = path.join(COPY, 'src/core')
    const files = readdirSync(core, { recursive: true, encoding: 'utf8' }).filter((file) =>
      file.endsWith('.ts'),
    )
    const lists = files.flatMap((file) => addMadeUpKeys(path.join(core, file)))
    expect(lists).toEqual(
      expect.arrayContaining(['MATCH_CHECKS', 'FEATURES', 'MODIFIERS', 'PLATE_KINDS', 'QUANTITIES']),
    )
    expect(lists.length).toBeGreaterThan(25)
    const script = path.join(COPY, 'src/data/openAll.ts')
    writeFileSync(script, OPEN_ALL)
    const databases = readdirSync(RELEASES).sort()
    const { stdout, stderr } = spawnSync(
      process.execPath,
      ['--import', 'tsx', script, ...databases.map((file) => path.join(RELEASES, file))],
      {
        cwd: COPY,
        encoding: 'utf8',
        env: { ...process.env, TSX_TSCONFIG_PATH: path.join(COPY, 'tsconfig.json') },
      },
    )
    const read = stdout
      .trim()
      .split('\n')
      .map((line) => line.split(' '))
    expect(
      read.map(([file]) => file),
      stderr,
    ).toEqual(databases)
    for (const [file, jobs, pulls] of read) {
      expect(Number(jobs), file).toBeGreaterThanOrEqual(3)
      expect(Number(pulls), file).toBeGreaterThan(20)
    }
  })
})
