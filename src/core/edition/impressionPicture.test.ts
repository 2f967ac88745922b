import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cornersOf, type Corners, type Spot } from '../match/homography'
import { printedLayout } from '../match/printedLayout'
import type { Scan } from '../match/scan'
import { cropAt, impressionPicture } from './impressionPicture'
import type { Pull, PullEvent } from './pull'
import { samplePull } from './samplePull.test.fixture'

const scan = (more: Partial<Scan>): PullEvent => ({
  kind: 'scan',
  scan: { imageId: 'a', taken: 'camera', dry: false, corners: null, ...more },
})
const withEvents = (...events: PullEvent[]): Pull => samplePull(1, events)
const { settings } = samplePull(1)

describe('the picture a print is looked at by', () => {
  it('is of the dry print before the wet one, then what came with the verdict', () => {
    const verdict: PullEvent = {
      kind: 'verdict',
      seen: 'same',
      note: '',
      outcome: 'keep',
      features: {},
      imageId: 'old',
    }
    expect(impressionPicture(withEvents())).toBeNull()
    expect(impressionPicture(withEvents(verdict))).toMatchObject({ imageId: 'old', scan: null })
    expect(impressionPicture(withEvents(verdict, scan({})))).toMatchObject({ imageId: 'a', isSet: false })
    expect(
      impressionPicture(withEvents(scan({ imageId: 'dry', dry: true, taken: 'scanner' }), scan({}))),
    ).toMatchObject({ imageId: 'dry' })
  })

  it('finds the plate mark by hand: a sheet that fills half the picture has its plate in that half', () => {
    const { sheet, plate } = printedLayout(settings, [])
    const whole = impressionPicture(withEvents(scan({})))!
    expect(whole.plate[0][0]).toBeCloseTo(plate.leftMm / sheet.widthMm, 9)
    expect(whole.plate[2][1]).toBeCloseTo((plate.topMm + plate.heightMm) / sheet.heightMm, 9)
    const half: Scan['corners'] = [
      [0.5, 0],
      [1, 0],
      [1, 1],
      [0.5, 1],
    ]
    const set = impressionPicture(withEvents(scan({ corners: half })))!
    expect(set.isSet).toBe(true)
    expect(set.plate[0][0]).toBeCloseTo(0.5 + whole.plate[0][0] / 2, 9)
    expect(set.plate[0][1]).toBeCloseTo(whole.plate[0][1], 9)
  })

  it('follows a plate mark that was set by hand', () => {
    const { sheet } = printedLayout(settings, [])
    const set = impressionPicture(withEvents(scan({ plateAt: { leftMm: 0, topMm: 0 } })))!
    expect(set.plate[0]).toEqual([expect.closeTo(0, 9), expect.closeTo(0, 9)])
    expect(set.plate[1][0]).toBeCloseTo(settings.plate.widthMm / sheet.widthMm, 9)
  })
})

describe('a crop of the same place of every print', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true })
  it('is where the place is, however the sheet was moved, turned or made smaller in its picture', () => {
    fc.assert(
      fc.property(
        share,
        share,
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.tuple(share, share),
        (x, y, scale, turn, [left, top]) => {
          const laid = ([u, v]: Spot): Spot => [
            left + scale * (Math.cos(turn) * u - Math.sin(turn) * v),
            top + scale * (Math.sin(turn) * u + Math.cos(turn) * v),
          ]
          const crop = cropAt(cornersOf(1, 1).map(laid) as unknown as Corners, [x, y], 4)
          const [wantedX, wantedY] = laid([x, y])
          expect(crop.x).toBeCloseTo(wantedX, 6)
          expect(crop.y).toBeCloseTo(wantedY, 6)
        },
      ),
    )
  })

  it('takes a quarter of the print where four are side by side', () => {
    expect(cropAt(cornersOf(1, 1), [0.5, 0.5], 4)).toEqual({ x: 0.5, y: 0.5, width: 0.25 })
  })

  it('is as wide where the sheet lies across in its picture', () => {
    const [a, b, c, d] = cornersOf(1, 1)
    for (const lying of [
      [b, c, d, a],
      [c, d, a, b],
      [d, a, b, c],
    ] as const)
      expect(cropAt(lying, [0.5, 0.5], 4).width).toBeCloseTo(0.25, 9)
  })

  it('stays at its spot where the corners lie in one line', () => {
    const flat: Corners = [
      [0, 0],
      [1, 0],
      [1, 0],
      [0, 0],
    ]
    expect(cropAt(flat, [0.3, 0.7], 5)).toMatchObject({ x: 0.3, y: 0.7 })
  })
})
