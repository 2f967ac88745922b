import { describe, expect, test } from 'vitest'
import { usualScaleOf } from '../press/pressCard'
import { BEGUN } from './begun.test.fixture'
import { beginBench } from './beginBench'
import { firstPrint } from './firstPrint'
import { EMPTY_BENCH } from './settings'

const acts = (bench: Parameters<typeof firstPrint>[0]) => firstPrint(bench).map(({ act }) => act)

describe('firstPrint', () => {
  test('the sheet comes first, the pull last, each act with its figure', () => {
    const steps = firstPrint(beginBench(BEGUN))
    expect(steps.map(({ station }) => station)).toEqual(['paper', 'ink', 'wipe', 'press', 'register'])
    expect(steps[0]).toMatchObject({ act: 'Soak, 30 minutes', isUsual: true })
    expect(steps[0].how).toContain('190 mm × 140 mm of Heron')
    // 1.2 × 0.9 dm² at 1.2 g/dm².
    expect(steps[1].act).toBe('Work up about 1.3 g of Harbour black')
    expect(steps[2].act).toMatch(/^Ink the plate and wipe it: about \d:\d\d$/)
    expect(steps[3].act).toBe('Set the press to 4 turns')
    expect(steps[3].how).toContain('Nobody set it')
    expect(steps[4].how).toContain('35 mm left and right, 25 mm above and below')
  })
  test('a reading that was said is not called a guess', () => {
    const step = firstPrint(beginBench({ ...BEGUN, press: { ...BEGUN.press!, reading: 3.5 } }))[3]
    expect(step).toMatchObject({ act: 'Set the press to 3 1/2 turns', isUsual: false })
    expect(step.how).not.toContain('Nobody')
  })
  test('by hand nothing is set and no blanket lies over it; face down where the press wants it', () => {
    const byHand = beginBench({
      ...BEGUN,
      press: { ...BEGUN.press!, kind: 'baren', scale: usualScaleOf('baren') },
    })
    expect(acts(byHand)).toContain('Rub the back with a medium hand')
    expect(firstPrint(byHand)[3].how).toMatch(/^from the middle outward/i)
    const roller = beginBench({ ...BEGUN, press: { ...BEGUN.press!, kind: 'kitchen-roller' } })
    expect(acts(roller)).toContain('Lay the plate face down on the sheet')
  })
  test('what is not set has no act', () => {
    expect(firstPrint(EMPTY_BENCH)).toEqual([])
    expect(acts(beginBench({ ...BEGUN, paper: null }))).toHaveLength(3)
  })
})
