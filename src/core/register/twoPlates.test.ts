import { describe, expect, it } from 'vitest'
import { strayOfDrierRun } from '../paper/growth'
import { peelingSteps } from '../press/peeling'
import { misfitActs } from './misfitActs'
import { twoPlateRoutes, type TwoPlatesInput } from './twoPlates'

const small: TwoPlatesInput = {
  plate: { widthMm: 120, heightMm: 90 },
  sheet: { widthMm: 300, heightMm: 250 },
  grain: 'long',
  growth: { alongPercent: 0.3, acrossPercent: 1.5 },
  changeMinutes: 3,
  dryDays: 7,
  dampMinutes: 30,
}

describe('a second plate', () => {
  it('fits better trapped than damped again where the paper grows much, and the other way round where it does not grow but the change takes long', () => {
    const routes = (input: TwoPlatesInput) => twoPlateRoutes(input).map(({ route }) => route)
    expect(
      routes({ ...small, plate: { widthMm: 500, heightMm: 400 }, sheet: { widthMm: 700, heightMm: 560 } }),
    ).toEqual(['trapped', 'dried'])
    const growing = {
      ...small,
      growth: { alongPercent: 2, acrossPercent: 3 },
      changeMinutes: 40,
      plate: { widthMm: 500, heightMm: 400 },
    }
    expect(routes(growing)).toEqual(['dried', 'trapped'])
  })
  it('damped to 88 % of the growth strays at a 500 mm plate by its half side’s missing growth', () => {
    const [{ misfitMm, mostlyFrom }] = twoPlateRoutes({
      ...small,
      plate: { widthMm: 500, heightMm: 400 },
      grain: 'short',
      changeMinutes: 40,
    }).filter(({ route }) => route === 'dried')
    const { xMm, yMm } = strayOfDrierRun(
      { widthMm: 500, heightMm: 400 },
      small.sheet,
      'short',
      small.growth,
      0.88,
    )
    expect(misfitMm).toBeCloseTo(Math.hypot(0.4, xMm, yMm), 12)
    expect(mostlyFrom).toBe('damping the sheet not quite as the first time')
  })
  it('costs days only when it is dried', () =>
    expect(twoPlateRoutes(small).map(({ route, days }) => [route, days])).toEqual([
      ['trapped', 0],
      ['dried', 7],
    ]))
})

describe('acts for a plate laid face down', () => {
  const misfit = {
    shiftMm: { x: 0.6, y: 0 },
    rotationDeg: 0.2,
    stretchXPercent: 0,
    stretchYPercent: 0,
    residualMm: 0,
  }
  it('go the other way round from one laid face up', () => {
    expect(misfitActs(misfit, 'plate 2')).toEqual([
      'Move plate 2 0.6 mm to the right.',
      'Turn plate 2 0.2° anticlockwise.',
    ])
    expect(misfitActs(misfit, 'plate 2', true)).toEqual([
      'Move plate 2 0.6 mm to the left.',
      'Turn plate 2 0.2° clockwise.',
    ])
  })
})

describe('peeling', () => {
  it('is slower and lower for soft damp paper, and light sheets are carried', () => {
    const said = (paper: Parameters<typeof peelingSteps>[0]) => peelingSteps(paper).join(' ')
    expect(said({ gsm: 300, sizing: 'medium', isDamp: true })).not.toContain('Soft paper')
    expect(said({ gsm: 300, sizing: 'waterleaf', isDamp: true })).toContain('Soft paper')
    expect(said({ gsm: 80, sizing: 'medium', isDamp: true })).toContain('on a second sheet')
  })
})
