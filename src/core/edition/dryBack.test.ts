import { changeFirstMix } from '../ink/severalMixes'
import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { dryBack } from './dryBack'

const read = (wet: number | null, dry: number | null, ink = 'Mix 7') => ({
  settings: { ...sampleSettings, ink: changeFirstMix(sampleSettings.ink, { name: ink }) },
  events: [
    ...(wet === null ? [] : [{ kind: 'reading' as const, quantity: 'tone1' as const, value: wet }]),
    ...(dry === null
      ? []
      : [{ kind: 'reading' as const, quantity: 'tone1' as const, value: dry, dry: true as const }]),
  ].map((event) => ({ event, at: '2031-05-02T09:00:00.000Z', by: 'Ida', why: null })),
})

describe('dry-back', () => {
  it('is the mean change of pulls read both ways', () => {
    expect(dryBack([read(1.4, 1.3), read(1.5, null), read(1.42, 1.36), read(null, 1)])).toEqual([
      { quantity: 'tone1', mean: expect.closeTo(-0.08, 9), wet: 1.41, from: 2 },
    ])
  })
  it('is of one ink and paper, the last that was read both ways', () =>
    expect(dryBack([read(1.4, 1, 'Other'), read(1.4, 1.35)])[0]).toMatchObject({
      from: 1,
      mean: expect.closeTo(-0.05, 9),
    }))
  it('is not known where nothing was read both ways', () => expect(dryBack([read(1.4, null)])).toEqual([]))
})
