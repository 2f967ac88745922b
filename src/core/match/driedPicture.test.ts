import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { driedPicture } from './driedPicture'

const WHITE = [240, 238, 230] as const
/** A row of greys over the paper, from paper to nearly black. */
const row = (values: readonly number[]) => ({
  width: values.length,
  height: 1,
  data: Uint8Array.from(values.flatMap((value) => [value, value, value])),
})
const density = (value: number) => -Math.log10(value / WHITE[0])

describe('a wet print as it would be dry', () => {
  it('has the density that was read where it was read, and half the change half way to the paper', () => {
    const wet = [240 * 10 ** -0.4, 240 * 10 ** -0.8].map(Math.round)
    const { data } = driedPicture(row(wet), WHITE, [{ wet: 0.8, change: -0.2 }])
    expect(density(data[0])).toBeCloseTo(0.3, 2)
    expect(density(data[3])).toBeCloseTo(0.6, 2)
  })
  it('goes on beyond the darkest that was read as at it, whatever order the tones come in', () => {
    const tones = [
      { wet: 1, change: -0.15 },
      { wet: 0.3, change: -0.02 },
    ]
    const { data } = driedPicture(row([Math.round(240 * 10 ** -1.3)]), WHITE, tones)
    expect(density(data[0])).toBeCloseTo(1.15, 1)
    expect(driedPicture(row([80, 40]), WHITE, tones).data).toEqual(
      driedPicture(row([80, 40]), WHITE, tones.toReversed()).data,
    )
  })
  it('leaves paper paper, leaves all as it is where nothing was read, and keeps lighter lighter', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 255 }), { minLength: 2, maxLength: 20 }),
        fc.double({ min: -0.3, max: 0.1, noNaN: true }),
        fc.double({ min: 0.4, max: 2, noNaN: true }),
        (values, change, wet) => {
          const picture = row(values.toSorted((a, b) => a - b))
          expect(driedPicture(picture, WHITE, []).data).toEqual(picture.data)
          const { data } = driedPicture(picture, WHITE, [{ wet, change }])
          for (let i = 3; i < data.length; i += 3) expect(data[i]).toBeGreaterThanOrEqual(data[i - 3])
          for (let i = 0; i < data.length; i += 3)
            if (picture.data[i] >= WHITE[0]) expect(data[i]).toBe(picture.data[i])
        },
      ),
    )
  })
})
