import { expect, it } from 'vitest'
import { cropped } from './cropped'

it('a part cut out of a picture is its own pixels, row by row', () => {
  const data = Uint8Array.from({ length: 3 * 4 * 3 }, (_, i) => i)
  expect(cropped({ width: 4, height: 3, data }, { left: 1, top: 1, width: 2, height: 2 })).toEqual({
    width: 2,
    height: 2,
    data: Uint8Array.of(15, 16, 17, 18, 19, 20, 27, 28, 29, 30, 31, 32),
  })
})
