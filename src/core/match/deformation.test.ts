import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import {
  addDeformation,
  estimateDeformation,
  farthestBend,
  farthestMove,
  noDeformation,
  outOfShape,
  settled,
} from './deformation'
import { drawPlate, readPicture } from './drawnPlate.test.fixture'
import { laidOver } from './differences'
import { softened, greyOf, type Grey, type Rgb } from './picture'
import { structuralSimilarity } from './structuralSimilarity'

const drawn = await drawPlate(7)
const plate: Rgb = await readPicture(drawn)
const whole = { left: 0, top: 0, width: plate.width, height: plate.height }
const inside = { left: 20, top: 20, width: plate.width - 40, height: plate.height - 40 }
const HERE = { shiftX: 0, shiftY: 0, rotation: 0, scale: 1 }

/** The plate as its sheet would show it, every point moved by what `by` says, in red's place too. */
function moved({ width, height, data }: Rgb, by: (u: number, v: number) => readonly [number, number]): Rgb {
  const out = new Uint8Array(data.length)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const [dx, dy] = by(
        (2 * (x - inside.left)) / inside.width - 1,
        (2 * (y - inside.top)) / inside.height - 1,
      )
      const [px, py] = [
        Math.min(width - 1.01, Math.max(0, x - dx)),
        Math.min(height - 1.01, Math.max(0, y - dy)),
      ]
      const [i, j] = [Math.floor(px), Math.floor(py)]
      for (let c = 0; c < 3; c++) {
        const at = (u: number, v: number) => data[3 * ((j + v) * width + i + u) + c]
        out[3 * (y * width + x) + c] =
          (at(0, 0) * (1 - px + i) + at(1, 0) * (px - i)) * (1 - py + j) +
          (at(0, 1) * (1 - px + i) + at(1, 1) * (px - i)) * (py - j) +
          0.5
      }
    }
  }
  return { width, height, data: out }
}
const estimate = (other: Rgb) => estimateDeformation(softened(greyOf(plate)), softened(greyOf(other)), inside)

describe('what a sheet did beyond shift, turn and size', () => {
  it('is nothing where nothing was done', () => {
    const found = settled(estimate(plate))
    expect(found).toMatchObject({ stretch: { x: 0, y: 0 }, bend: null })
    expect(farthestMove(found)).toBe(0)
  })
  it('is the growth another library resampled it by, each way (sharp)', async () => {
    const grown = await sharp(drawn)
      .resize(606, 802, { fit: 'fill', kernel: 'cubic' })
      .extract({ left: 3, top: 1, width: 600, height: 800 })
      .toBuffer()
    const { stretch, bend } = settled(estimate(await readPicture(grown)))
    expect(100 * stretch.x).toBeCloseTo(1, 1)
    expect(100 * stretch.y).toBeCloseTo(0.25, 1)
    expect(outOfShape({ stretch, bend, plate: inside })).toBeLessThan(0.2)
    // What the resampling shifted the whole by is no bend.
    expect([...bend!.x.slice(3), ...bend!.y.slice(3)]).toEqual([0, 0, 0, 0, 0, 0])
  })
  it('is the bend a sheet was lifted with, and laid over by it the two are alike', () => {
    const bent = moved(plate, (u, v) => [3 * v * v - 1, 1.6 * u * v])
    let deformation = noDeformation(inside)
    for (let pass = 0; pass < 3; pass++)
      deformation = addDeformation(
        deformation,
        estimate({ ...bent, data: laidOver(plate, bent, HERE, deformation).rgb }),
      )
    expect(deformation.bend!.x[5]).toBeCloseTo(3, 0)
    expect(deformation.bend!.y[4]).toBeCloseTo(1.6, 0)
    expect(farthestBend(deformation)).toBeGreaterThan(1.8)
    expect(deformation.bend!.x[0]).toBeCloseTo(-1, 0)
    // 3v² − 1 has a mean of nothing over the plate: up to 2 px at its edge one way, and 1.6 px the other at its corners.
    expect(outOfShape(deformation)).toBeCloseTo(Math.hypot(2, 1.6), 0)
    const alike = (other: Rgb) => structuralSimilarity(greyOf(plate), greyOf(other))!.mean
    // What two resamplings alone blur: half a pixel there and half a pixel back.
    const blurred = alike({
      ...plate,
      data: laidOver(
        plate,
        moved(plate, () => [0.5, 0.5]),
        { ...HERE, shiftX: 0.5, shiftY: 0.5 },
      ).rgb,
    })
    const straightened = alike({ ...plate, data: laidOver(plate, bent, HERE, deformation).rgb })
    expect(straightened).toBeGreaterThan(blurred - 0.03)
    expect(straightened).toBeGreaterThan(alike(bent) + 0.05)
  })
  it('is not told from a damaged tenth of the plate, nor from a plate without drawing', () => {
    const data = Uint8Array.from(plate.data)
    for (let y = 300; y < 500; y++) data.fill(30, 3 * (y * plate.width + 100), 3 * (y * plate.width + 340))
    expect(settled(estimate({ ...plate, data })).bend).toBeNull()
    const blank: Grey = { width: 600, height: 800, data: new Float32Array(480_000).fill(0.7) }
    expect(estimateDeformation(blank, blank, whole)).toEqual(noDeformation(whole))
  })
})
