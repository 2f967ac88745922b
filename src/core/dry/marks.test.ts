import { describe, expect, it } from 'vitest'
import { markOf } from './editionNumbers'
import { markAs } from './numbering'

describe('what is written on a print', () => {
  it('is its number of how many, and the kind where it is none of the edition', () => {
    expect(markOf('edition', 7, 24, 'arabic')).toBe('7/24')
    expect(markOf('roman', 4, 10, 'arabic')).toBe('IV/X')
    expect(markOf('AP', 2, 3, 'roman')).toBe('AP II/III')
    expect(markOf('AP', 2, 3, 'arabic')).toBe('AP 2/3')
    expect(markOf('PP', 1, 2, 'roman')).toBe('PP 1/2')
    expect(markOf('archive', 1, 1, 'arabic')).toBe('Archive 1/1')
    expect(markOf('BAT', 1, 1, 'arabic')).toBe('BAT')
  })
  it('follows how the edition is marked; proofs are marked as ever', () => {
    const mark = (how: Parameters<typeof markAs>[0], kind: 'edition' | 'AP' = 'edition') =>
      markAs(how, 'roman', kind, 3, 9, '2 May 2031, 10:20')
    expect(mark('numbered')).toBe('3/9')
    expect(mark('varied')).toBe('E.V. 3/9')
    expect(mark('unique')).toBe('1/1')
    expect(mark('moment')).toBe('2 May 2031, 10:20')
    expect(mark('unique', 'AP')).toBe('AP III/IX')
  })
})
