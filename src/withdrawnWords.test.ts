import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'

const SOURCE = import.meta.dirname
const WITHDRAWN = new Set(
  JSON.parse(readFileSync(path.join(SOURCE, '../e2e/words.json'), 'utf8')) as string[],
)

/** What a file may show somebody: its strings and what stands between its tags. */
function shownBy(file: string): string[] {
  const tree = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const shown: string[] = []
  const visit = (node: ts.Node) => {
    if (ts.isStringLiteralLike(node) || ts.isJsxText(node)) shown.push(node.text.replace(/\s+/g, ' ').trim())
    node.forEachChild(visit)
  }
  visit(tree)
  return shown
}

describe('words that were withdrawn', () => {
  const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).filter(
    (file) => /\.tsx?$/.test(file) && !/\.test\./.test(file) && !file.includes('migrations'),
  )
  it('stand nowhere in the application, its errors or its documents', () => {
    expect(files.length).toBeGreaterThan(500)
    const found = files.flatMap((file) =>
      shownBy(path.join(SOURCE, file))
        .filter((text) => WITHDRAWN.has(text))
        .map((text) => `${file}: ${text}`),
    )
    expect(found).toEqual([])
  }, 60_000)
  it('are listed once each', () => {
    expect(WITHDRAWN.size).toBeGreaterThan(150)
  })
})
