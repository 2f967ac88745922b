import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'

const APP = path.resolve(import.meta.dirname, '../../../app')

/** What anybody who is paired may have: the page around all others, a script without any data, the form of a job file. */
const FOR_ALL = ['layout.tsx', 'desk-worker.js/route.ts', 'job-file.schema.json/route.ts']

const files = (readdirSync(APP, { recursive: true }) as string[]).filter(
  (file) => /(?:^|\/)(?:page|layout)\.tsx$|(?:^|\/)route\.ts$/.test(file) && !FOR_ALL.includes(file),
)

describe('every page, layout and route', () => {
  it('are found', () => expect(files.length).toBeGreaterThan(70))
  it.each(files)('%s says for whom it is', (file) => {
    const text = readFileSync(path.join(APP, file), 'utf8')
    const doors = file.endsWith('.tsx')
      ? text.match(/export default [^\n]*/g)
      : text.match(
          /export (?:const|async function|function) (?:GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)\b[^\n]*/g,
        )
    expect(doors).not.toBeNull()
    for (const title of text.match(/^.*\bgenerateMetadata\b.*$/gm) ?? [])
      expect(title).toMatch(
        /^export const generateMetadata = titleFor\($|^export const generateMetadata = titleFor\('shop', /,
      )
    for (const door of doors!)
      expect(door).toMatch(
        file.endsWith('.tsx')
          ? /^export default onlyFor\('(?:machine|shop|desk|wall)', \w+\)$/
          : /^export const (?:GET = routeFor|POST = (?:routeFor|actRoute))\(/,
      )
  })
})
