import fc from 'fast-check'
import { expect, it } from 'vitest'
import { withoutNarrow } from './withoutNarrow'

/** The same by its definition, square by square. */
function byDefinition(data: Float32Array, width: number, height: number, reach: number): number[] {
  const at = (field: readonly number[], x: number, y: number) =>
    field[Math.min(height - 1, Math.max(0, y)) * width + Math.min(width - 1, Math.max(0, x))]
  const over = (field: readonly number[], pick: (...values: number[]) => number) =>
    field.map((_, i) => {
      const square: number[] = []
      for (let v = -reach; v <= reach; v++)
        for (let u = -reach; u <= reach; u++)
          square.push(at(field, (i % width) + u, Math.floor(i / width) + v))
      return pick(...square)
    })
  return over(over([...data], Math.min), Math.max)
}

it('is the most of the least of every square, whatever the field (property)', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 4 }),
      fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 81, maxLength: 81 }),
      (width, height, reach, values) => {
        const data = Float32Array.from(values.slice(0, width * height))
        expect([...withoutNarrow(data, width, height, reach)]).toEqual(
          byDefinition(data, width, height, reach),
        )
      },
    ),
    { numRuns: 200 },
  )
})

it('takes a line of two places away, and leaves a bar of five and the ground', () => {
  const row = [1, 1, 1, 1, 9, 9, 1, 1, 1, 1, 8, 8, 8, 8, 8, 1, 1]
  const data = Float32Array.from(Array.from({ length: 7 }, () => row).flat())
  expect([...withoutNarrow(data, row.length, 7, 1).subarray(0, row.length)]).toEqual([
    1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 8, 8, 8, 8, 8, 1, 1,
  ])
})
