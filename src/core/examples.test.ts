import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'

/**
 * Public functions that have no example of their own, and why. The parts of the match check work on a million pixels of two prints that
 * lie on one another: what each says is tried whole, by `matchImpression` on prints drawn with one known fault each, and by the bench
 * `faults`.
 */
const PARTS_OF_THE_MATCH_CHECK = [
  'alignPictures',
  'alignRoughly',
  'checkBands',
  'checkBreaks',
  'checkEvenness',
  'checkMarks',
  'checkSides',
  'checkTone',
  'columnPlaces',
  'evened',
  'findDifferences',
  'findMarks',
  'layPlate',
  'likenessOf',
  'mapLayers',
  'marginMarks',
  'onSheet',
  'partsOf',
  'placeOfPixels',
  'placesOfCells',
  'plateMarks',
  'printChecks',
  'quantiles',
  'rowBend',
]

const SRC = path.resolve(import.meta.dirname, '..')
const files = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts'))
    .map((file) => path.join(folder, file))
const isTest = (file: string) => file.includes('.test.')
const EXPORTED = /^export (?:(?:async )?function (\w+)|const (\w+)(?::[^=\n]+)? = (?:<[^\n]*?>)?\()/gm

describe('every public function of the core', () => {
  it('has an example that is a test, or says why not', () => {
    const tests = files(SRC)
      .filter((file) => isTest(file) && file !== import.meta.filename)
      .map((file) => readFileSync(file, 'utf8'))
      .join('\n')
    const words = new Set(tests.match(/\w+/g))
    const functions = files(import.meta.dirname)
      .filter((file) => !isTest(file))
      .flatMap((file) =>
        [...readFileSync(file, 'utf8').matchAll(EXPORTED)].map(([, named, held]) => named ?? held),
      )
    expect(functions.length).toBeGreaterThan(400)
    const without = [...new Set(functions.filter((name) => !words.has(name)))].sort()
    expect(without).toEqual(PARTS_OF_THE_MATCH_CHECK)
  })
})
