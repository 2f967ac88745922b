import { describe, expect, it } from 'vitest'
import { exposureProcedure, exposuresOf, hardenSeconds, isExposed } from './exposurePlan'
import { planExposure, USUAL_STEP_DENSITY } from './exposure'
import { procedureSchema } from './procedure'
import { procedureFor } from './procedures'

describe('a photopolymer made by the times of its wedge', () => {
  it('has the screen before the film, the image after it, and the floor hardened three to five times as long', () => {
    const procedure = exposureProcedure({ screenSeconds: 90, imageSeconds: 75 })
    expect(procedureSchema.parse(procedure)).toEqual(procedure)
    const ids = procedure.steps.map(({ id }) => id)
    expect(ids.indexOf('screen')).toBe(ids.indexOf('film') - 1)
    expect(ids.indexOf('film')).toBeLessThan(ids.indexOf('expose'))
    expect(ids).not.toContain('wedge')
    const minutes = (id: string) => procedure.steps.find((step) => step.id === id)!.minutes
    expect(minutes('screen')).toBe(1.5)
    expect(minutes('expose')).toBe(1.25)
    expect(minutes('harden') / minutes('expose')).toBeGreaterThanOrEqual(3)
    expect(minutes('harden') / minutes('expose')).toBeLessThanOrEqual(5)
    expect(hardenSeconds(75) / 60).toBe(minutes('harden'))
    expect(
      procedure.steps.filter(({ minutes: m, hazard }) => m > 0 && hazard === 'uv').length,
    ).toBeGreaterThan(2)
  })
  it('has none where none is wanted, and keeps every other step as it is', () => {
    const procedure = exposureProcedure({ screenSeconds: null, imageSeconds: 60 })
    const usual = procedureFor('photopolymer').steps.filter(({ id }) => id !== 'wedge')
    expect(procedure.steps.map(({ id }) => id)).toEqual(usual.map(({ id }) => id))
    expect(procedure.steps[0]).toEqual(usual[0])
  })
  it('tells its times again, to the second', () => {
    for (const times of [
      { screenSeconds: null, imageSeconds: 47 },
      { screenSeconds: 61, imageSeconds: 133 },
    ])
      expect(exposuresOf(exposureProcedure(times))).toEqual(times)
    expect(exposuresOf(procedureFor('mezzotint'))).toBeNull()
    expect(isExposed({ id: 'expose', standing: 'done' })).toBe(true)
    expect(isExposed({ id: 'expose', standing: 'running' })).toBe(false)
    expect(isExposed({ id: 'screen', standing: 'done' })).toBe(false)
  })
  it('takes twice the time for two half-stop steps of a wedge', () => {
    // A density of 0.30 lets half the light through.
    expect(planExposure({ seconds: 60, held: 5, wanted: 7, stepDensity: USUAL_STEP_DENSITY })).toBeCloseTo(
      119.7,
      1,
    )
  })
})
