import { describe, expect, it } from 'vitest'
import { exposureAnswer, readExposure, screenWords, UNEXPOSED } from './exposureBench'

const read = { ...UNEXPOSED, seconds: 60, held: 5 }

describe('the exposure of a plate', () => {
  it('asks for the wedge first, and blames nobody for what was not entered', () => {
    const { times, problemAt } = readExposure(UNEXPOSED, null)
    expect(times).toBeNull()
    expect(problemAt('seconds')).toBeUndefined()
    expect(exposureAnswer(times, UNEXPOSED).says).toBe('Expose a step wedge on an offcut')
    expect(readExposure({ ...read, held: 4.5 }, null).problemAt('held')).toBe('must be a whole number')
  })
  it('puts the screen before the image where a black is wider than it can hold, or nobody knows', () => {
    expect(readExposure(read, 14).times).toEqual({ imageSeconds: 120, screenSeconds: 120 })
    expect(readExposure(read, null).times).toEqual({ imageSeconds: 120, screenSeconds: 120 })
    expect(readExposure(read, 0.3).times).toEqual({ imageSeconds: 120, screenSeconds: null })
    expect(screenWords(14)).toContain('prints grey')
    expect(screenWords(0.3)).toContain('no screen is wanted')
  })
  it('leaves the last word to the person, and takes the screen’s own strip', () => {
    expect(readExposure({ ...read, wantsScreen: false }, 14).times).toEqual({
      imageSeconds: 120,
      screenSeconds: null,
    })
    const own = { ...read, wantsScreen: true, screenSeconds: 95 }
    expect(readExposure(own, 0.3).times).toEqual({ imageSeconds: 120, screenSeconds: 95 })
    const off = readExposure({ ...own, screenSeconds: 0 }, 14)
    expect(off.times).toBeNull()
    expect(off.screenProblem).toContain('more than 0')
  })
  it('says them in one line, in their order', () => {
    const { times } = readExposure({ ...read, screenSeconds: 95 }, 14)
    expect(exposureAnswer(times, read)).toMatchObject({
      says: 'Screen 1:35, then image 2:00',
      because: 'Step 5 held at 60 s, and step 7 is wanted. Wash about a minute, dry, then 8:00 without film.',
    })
  })
})
