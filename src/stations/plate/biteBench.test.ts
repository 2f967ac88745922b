import { describe, expect, it } from 'vitest'
import { fitBite } from '@/core/plate/biteCurve'
import { planBite } from '@/core/plate/bitePlan'
import { biteBench, openBiteBench, readBiteBench, type BiteAct, type BiteBench } from './biteBench'

const strip = {
  temperatureC: 20,
  points: [
    { minutes: 1, tone: 0.4 },
    { minutes: 2, tone: 0.7 },
    { minutes: 4, tone: 1.05 },
    { minutes: 8, tone: 1.3 },
  ],
}
const strips = [{ id: 's1', name: 'Rosin, fine', madeAt: '2031-05-02T09:00:00.000Z', strip }] as never[]
const after = (bench: BiteBench, ...acts: BiteAct[]) => acts.reduce(biteBench, bench)
const fresh = openBiteBench([], null)

describe('a bite while it is planned', () => {
  it('opens at the plan kept last, else at the newest strip, else at a new one', () => {
    expect(
      openBiteBench(strips, { stripId: 's1', areas: [{ name: 'sea', tone: 0.5 }], bathC: 16 }),
    ).toMatchObject({
      stripId: 's1',
      areas: [{ name: 'sea', tone: 0.5 }],
      bathC: 16,
    })
    expect(openBiteBench(strips, null).stripId).toBe('s1')
    expect(fresh).toMatchObject({ stripId: '', stripC: 20 })
  })
  it('goes by a kept strip: its curve, and the timetable of the tones wanted', () => {
    const bench = openBiteBench(strips, null)
    const view = readBiteBench(bench, strips)
    expect(view.curve).toEqual(fitBite(strip))
    expect(view.timetable).toEqual(planBite(view.plan!, fitBite(strip)))
    expect(view.timetable!.immersions.length).toBeGreaterThan(0)
  })
  it('goes by the strip that is entered once it is one, and says what is missing when somebody has begun', () => {
    expect(readBiteBench(fresh, [])).toMatchObject({ curve: null, enteredProblem: null, timetable: null })
    const begun = after(fresh, { kind: 'step', at: 0, patch: { tone: 0.3 } })
    expect(readBiteBench(begun, []).enteredProblem).toEqual(expect.any(String))
    const entered = after(fresh, ...strip.points.map((patch, at): BiteAct => ({ kind: 'step', at, patch })), {
      kind: 'take-out',
      of: 'steps',
      at: 4,
    })
    expect(readBiteBench(entered, [])).toMatchObject({ entered: strip, enteredProblem: null })
    expect(readBiteBench(entered, []).curve).toEqual(fitBite(strip))
  })
  it('takes steps and areas in, changes and takes out just the one that is meant', () => {
    const grown = after(
      fresh,
      { kind: 'one-more', of: 'areas' },
      { kind: 'area', at: 3, patch: { name: 'hulls', tone: 0.8 } },
      { kind: 'take-out', of: 'areas', at: 0 },
    )
    expect(grown.areas.map(({ name }) => name)).toEqual(['sky', 'foreground', 'hulls'])
    expect(after(fresh, { kind: 'one-more', of: 'steps' }).steps).toHaveLength(6)
    expect(fresh.areas).toHaveLength(3)
  })
  it('says at which field the plan is wrong, and has no timetable then', () => {
    const wrong = after(openBiteBench(strips, null), { kind: 'area', at: 1, patch: { tone: null } })
    const view = readBiteBench(wrong, strips)
    expect(view.problemAt('areas.1.tone')).toEqual(expect.any(String))
    expect(view.problemAt('areas.0.tone')).toBeUndefined()
    expect(view.timetable).toBeNull()
    expect(
      readBiteBench(after(wrong, { kind: 'set', patch: { bathC: null } }), strips).problemAt('bathC'),
    ).toEqual(expect.any(String))
  })
})
