import { describe, expect, it } from 'vitest'
import { CONDITIONS } from './conditions'
import { differing, held } from './held'
import { taken } from './imaging'
import { PLATES } from './plates'
import { printed, type Planted } from './prints'

const { film } = PLATES.find(({ name }) => name === 'soft ground')!
/** What is said of two prints of the plate under a condition, and of the second with something planted in it. */
function under(wanted: string) {
  const { reference, impression } = CONDITIONS.find(({ name }) => name === wanted)!
  const bat = taken(printed(film, 1), reference, 11)
  return (planted: Planted) => held(bat, taken(printed(film, 2, planted), impression, 12))!
}

describe('a camera that raises contrast against a scanner, with the grey strip', () => {
  const said = under('by strip, contrast against flatbed')
  it('a like print matches, and only colours are left unsaid', () => {
    const report = said({})
    expect(differing(report)).toEqual([])
    const unsaid = report.checks.filter(({ standing }) => standing === 'cannot-say')
    expect(unsaid.map(({ check }) => check)).toEqual(['colour', 'chine'])
    expect(report.pictures.impression.notes.join(' ')).toContain('brought together by the grey strip')
  })
  it('a third less ink is told', () => {
    expect(differing(said({ ink: 0.67 })).map(({ check }) => check)).toContain('lines')
  })
})

describe('two photographs, contrast raised in one, without a strip', () => {
  const said = under('phone, contrast raised')
  it('nothing is told of a like print that the camera made, and the strip is asked for', () => {
    const report = said({})
    expect(differing(report)).toEqual([])
    expect(report.verdict).toBe('cannot-say')
    const unsaid = report.checks.filter(({ standing }) => standing === 'cannot-say')
    expect(unsaid.map(({ words }) => words).join()).toContain('a camera that sets its contrast by itself')
    expect(report.pictures.impression.notes.join(' ')).toContain('with the grey strip beside the sheet')
    expect(report.registerMm).not.toBeNull()
  })
  it('a place that lost half its ink is told all the same', () => {
    expect(differing(said({ loss: [38, 26, 30, 30, 0.5] })).map(({ check }) => check)).toContain('blanks')
  })
})
