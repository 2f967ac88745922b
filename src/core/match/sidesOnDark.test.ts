import { describe, expect, it } from 'vitest'
import type { Grey } from './picture'
import { sidesOnDark, turnOf } from './sidesOnDark'

const [WIDTH, HEIGHT] = [400, 300]
/** Paper to the right of 30 px and below 20 px, turned a little about that corner, on a ground. */
function corner(ground: (x: number, y: number) => number, degrees = 0): Grey {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  const data = new Float32Array(WIDTH * HEIGHT)
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const [dx, dy] = [x + 0.5 - 30, y + 0.5 - 20]
      data[y * WIDTH + x] = dx * c + dy * s >= 0 && -dx * s + dy * c >= 0 ? 0.9 : ground(x, y)
    }
  return { width: WIDTH, height: HEIGHT, data }
}
const seen = (grey: Grey) => sidesOnDark(grey).sides.map((side) => side !== null)

describe('sides of a sheet beyond which something dark is seen', () => {
  it('are those two of a sheet that runs out of the picture at the others', () => {
    expect(seen(corner(() => 0.1))).toEqual([true, false, false, true])
    expect(sidesOnDark(corner(() => 0.1)).spreadPx).toBeCloseTo(0.5, 1)
  })
  it('are turned as the sheet is', () => {
    const { sides } = sidesOnDark(corner(() => 0.1, 1.5))
    for (const at of [0, 3]) expect((turnOf(sides[at]!, at) * 180) / Math.PI).toBeCloseTo(1.5, 1)
  })
  it('are none beside a ground that is not even, one as light, or a sheet that lies too far askew', () => {
    expect(seen(corner((x, y) => (Math.floor((x + y) / 12) % 2 === 0 ? 0.1 : 0.7)))).toEqual([
      false,
      false,
      false,
      false,
    ])
    expect(seen(corner(() => 0.88))).toEqual([false, false, false, false])
    expect(seen(corner(() => 0.1, 9))).toEqual([false, false, false, false])
  })
})
