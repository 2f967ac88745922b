import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { levelGround } from './levelGround'
import type { Grey } from './picture'

const [WIDTH, HEIGHT] = [120, 90]
/** A picture with a dark sheet in its middle. @param light of the ground, from −1 to 1 both ways */
function groundOf(light: (x: number, y: number) => number): Grey {
  const data = new Float32Array(WIDTH * HEIGHT)
  for (let row = 0; row < HEIGHT; row++)
    for (let column = 0; column < WIDTH; column++) {
      const [x, y] = [(2 * column) / WIDTH - 1, (2 * row) / HEIGHT - 1]
      data[row * WIDTH + column] = light(x, y) * (Math.max(Math.abs(x), Math.abs(y)) < 0.7 ? 0.6 : 1)
    }
  return { width: WIDTH, height: HEIGHT, data }
}
const at = ({ data }: Grey, column: number, row: number) => data[row * WIDTH + column]

describe('light levelled by what lies round a sheet', () => {
  it('is of one level there and on the sheet, however it falls off (property)', () => {
    const little = fc.double({ min: -0.12, max: 0.12, noNaN: true })
    fc.assert(
      fc.property(little, little, little, (slope, across, bend) => {
        const level = levelGround(
          groundOf((x, y) => 0.9 * (1 + slope * x + across * y + bend * (x * x + y * y))),
        )!
        for (const [column, row] of [
          [0, 0],
          [WIDTH - 1, 0],
          [5, HEIGHT - 1],
          [60, 3],
        ])
          expect(at(level, column, row)).toBeCloseTo(at(level, 1, 45), 3)
        expect(at(level, 40, 30) / at(level, 80, 60)).toBeCloseTo(1, 3)
      }),
    )
  })
  it('leaves out what lies on the ground', () => {
    const ruler = groundOf(() => 0.9)
    for (let column = 20; column < 45; column++) ruler.data[column] = 0.1
    expect(at(levelGround(ruler)!, 60, 0)).toBeCloseTo(0.9, 3)
  })
  it('is not told of a ground of several kinds, or of a black one', () => {
    expect(levelGround(groundOf((x) => 0.7 + 0.2 * Math.sin(40 * x)))).toBeNull()
    expect(levelGround(groundOf(() => 0))).toBeNull()
  })
})
