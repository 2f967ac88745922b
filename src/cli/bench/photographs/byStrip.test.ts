import { describe, expect, it } from 'vitest'
import { CONDITIONS } from './conditions'
import { differing, held } from './held'
import { taken } from './imaging'
import { PLATES } from './plates'
import { printed, type Planted } from './prints'

const { film } = PLATES.find(({ name }) => name === 'soft ground')!
const { reference, impression } = CONDITIONS.find(
  ({ name }) => name === 'by strip, contrast against flatbed',
)!
const bat = taken(printed(film, 1), reference, 11)
/** What is said of a print of the plate by a camera that raises contrast, the grey strip beside it, against a scan with that strip. */
const said = (planted: Planted) => held(bat, taken(printed(film, 2, planted), impression, 12))!

describe('a camera that raises contrast against a scanner, with the grey strip', () => {
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
