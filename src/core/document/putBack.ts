/** Whether a step can be taken: the value holds something by names or in order. */
const holds = (value: unknown): value is Record<PropertyKey, unknown> =>
  typeof value === 'object' && value !== null

/**
 * A document with the value at one path as another has it, and everything beside it as it is. Where the other has nothing there, the
 * nearest whole that both have is put back: a new entry of a list that is wrong goes again, and takes nothing else along.
 *
 * @param path as a schema says it of what is wrong
 * @example putBack({ mixes: [{ plateC: null, roomC: 21 }] }, { mixes: [{ plateC: 37, roomC: 20 }] }, ['mixes', 0, 'plateC'])
 *   // { mixes: [{ plateC: 37, roomC: 21 }] }
 */
export function putBack(value: unknown, before: unknown, path: readonly PropertyKey[]): unknown {
  const [step, ...further] = path
  if (step === undefined || !holds(value) || !holds(before)) return before
  if (Array.isArray(value) && Array.isArray(before) && value.length !== before.length) return before
  const mended = putBack(value[step], before[step], further)
  return Array.isArray(value)
    ? value.map((one: unknown, i) => (i === step ? mended : one))
    : { ...value, [step]: mended }
}
