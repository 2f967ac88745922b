import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { advancePace, paceDrift, retreatPace, takenSeconds, UNSTARTED, type Pace } from './pace'
import { describeWipeStep, WIPING_SCHOOLS, wipingOrderSchema, wipingSeconds } from './wipingOrder'

const { steps } = WIPING_SCHOOLS['three-stage'].order

describe('wiping order', () => {
  it('every school is a valid order that ends with clean fingers', () => {
    for (const { order } of Object.values(WIPING_SCHOOLS)) {
      expect(wipingOrderSchema.parse(order)).toEqual(order)
      expect(order.steps.at(-1)!.material).toBe('fingers')
    }
  })
  it('adds up its seconds', () => expect(wipingSeconds({ steps })).toBe(300))
  it('leaves unsaid what goes without saying', () => {
    expect(describeWipeStep(steps[1])).toBe('Tarlatan, dirty')
    expect(describeWipeStep(steps[5])).toBe('Edges and back')
  })
  it('refuses an order without steps', () => expect(wipingOrderSchema.safeParse({ steps: [], plateTone: 'light' }).error!.issues[0].message).toContain('at least one step'))
})

describe('pacer', () => {
  const run = (moments: number[]): Pace => moments.reduce((pace, now) => advancePace(pace, steps.length, now), UNSTARTED)

  it('keeps what each step took', () => {
    const pace = run([0, 40_000, 100_000])
    expect(takenSeconds(pace, 130_000)).toEqual([40, 60, 30])
    expect(paceDrift(pace, steps, 130_000)).toBe(10)
  })
  it('ends after the last step and then stands still', () => {
    const ended = run([0, 1, 2, 3, 4, 5, 6, 7].map((s) => s * 1000))
    expect(ended.endedAt).toBe(7000)
    expect(advancePace(ended, steps.length, 99_000)).toBe(ended)
    expect(takenSeconds(ended, 99_000).reduce((sum, s) => sum + s, 0)).toBe(7)
  })
  it('going back undoes exactly one advance (property)', () => {
    fc.assert(fc.property(fc.array(fc.integer({ min: 1, max: 90_000 }), { minLength: 1, maxLength: 8 }), (gaps) => {
      let now = 0
      const moments = gaps.map((gap) => (now += gap))
      expect(retreatPace(run(moments))).toEqual(run(moments.slice(0, -1)))
    }))
  })
})
