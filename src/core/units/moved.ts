/**
 * A list with one of its things moved to another place; the others keep their order.
 *
 * @param from where it stands @param to where it is to stand, both from 0
 * @example moved(['card', 'rag', 'hand'], 2, 0) // ['hand', 'card', 'rag']
 */
export function moved<Thing>(list: readonly Thing[], from: number, to: number): Thing[] {
  const next = [...list]
  next.splice(to, 0, ...next.splice(from, 1))
  return next
}
