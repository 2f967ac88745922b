/**
 * Gives a field the keys, and opens what it is folded in.
 *
 * @returns whether it is on this page
 */
export function goToField(anchor: string): boolean {
  const field = document.getElementById(anchor)
  if (!field) return false
  for (let fold = field.closest('details'); fold; fold = fold.parentElement?.closest('details') ?? null)
    fold.open = true
  field.focus()
  return true
}
