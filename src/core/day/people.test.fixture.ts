import fc from 'fast-check'
import type { QueuedPerson } from './pressQueue'

const person = fc.record({
  prepMinutes: fc.integer({ min: 0, max: 40 }),
  pressMinutes: fc.integer({ min: 1, max: 30 }),
  thicknessMm: fc.constantFrom(0.5, 0.8, 1.2),
})
/** Any list of people in a queue, one at least. */
export const people = (most: number) =>
  fc
    .array(person, { minLength: 1, maxLength: most })
    .map((list): QueuedPerson[] => list.map((one, i) => ({ name: `P${i + 1}`, ...one })))
