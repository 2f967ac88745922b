import { describe, expect, it } from 'vitest'
import { lookAtPaper } from './paperRound'
import type { Rgb } from './picture'

const [WIDTH, HEIGHT, PX] = [400, 300, 2]
const plate = { left: 80, top: 60, width: 240, height: 160 }
const WHOLE = { left: 0, top: 0, width: WIDTH, height: HEIGHT }
/** A sheet whose paper is as light as a function says, with a black plate in its middle. */
function sheet(light: (x: number, y: number) => number): Rgb {
  const data = new Uint8Array(3 * WIDTH * HEIGHT)
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const isPlate =
        x >= plate.left && x < plate.left + plate.width && y >= plate.top && y < plate.top + plate.height
      data.fill(isPlate ? 20 : light(x, y), 3 * (y * WIDTH + x), 3 * (y * WIDTH + x) + 3)
    }
  return { width: WIDTH, height: HEIGHT, data }
}

describe('the paper round a plate', () => {
  it('is as light as it is, the plate left out', () =>
    expect(
      lookAtPaper(
        sheet(() => 210),
        plate,
        PX,
        WHOLE,
      ),
    ).toEqual({ clipped: 0, light: 210, uneven: 0, lighter: 0 }))
  it('shows a shadow over a third of it, and not a smear in one place', () => {
    expect(
      lookAtPaper(
        sheet((x) => (x > 270 ? 168 : 210)),
        plate,
        PX,
        WHOLE,
      )!.uneven,
    ).toBeCloseTo(0.2, 5)
    expect(
      lookAtPaper(
        sheet((x, y) => (x < 30 && y < 30 ? 40 : 210)),
        plate,
        PX,
        WHOLE,
      )!.uneven,
    ).toBe(0)
  })
  it('shows a reflection, also over the plate: ink only darkens', () => {
    const shining = sheet(() => 210)
    for (let y = 100; y < 130; y++) shining.data.fill(240, 3 * (y * WIDTH + 150), 3 * (y * WIDTH + 190))
    expect(lookAtPaper(shining, plate, PX, WHOLE)!.lighter).toBeCloseTo(240 / 210 - 1, 5)
  })
  it('says how much of it is as light as a picture goes', () =>
    expect(
      lookAtPaper(
        sheet((x) => (x < 200 ? 255 : 230)),
        plate,
        PX,
        WHOLE,
      )!.clipped,
    ).toBeGreaterThan(0.4))
  it('is looked at only where it was in the picture', () =>
    expect(
      lookAtPaper(
        sheet((x) => (x > 330 ? 90 : 210)),
        plate,
        PX,
        { ...WHOLE, width: 330 },
      ),
    ).toMatchObject({ light: 210, uneven: 0 }))
  it('says nothing where there is next to none', () =>
    expect(
      lookAtPaper(
        sheet(() => 210),
        { left: 0, top: 0, width: WIDTH, height: HEIGHT },
        PX,
        WHOLE,
      ),
    ).toBeNull())
})
