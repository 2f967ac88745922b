const ARROWS = ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End']

/** Controls, and the keys each uses by itself while it has the focus. */
const USES: readonly (readonly [control: string, keys: readonly string[]])[] = [
  ['a[href]', ['Enter']],
  ['button, summary, [role="button"]', ['Enter', ' ']],
  ['[role="radio"], [role="tab"], [role="option"]', ['Enter', ' ', ...ARROWS]],
  ['[role="slider"]', [...ARROWS, 'PageUp', 'PageDown']],
  ['input[type="checkbox"]', [' ']],
]
const TYPED_INTO =
  'input:not([type="checkbox"]), textarea, select, [contenteditable=""], [contenteditable="true"]'

/**
 * Whether the control that has the focus would use a key by itself: then no shortcut takes it away.
 *
 * @param focused what has the focus, as far as this asks
 */
export const controlUses = (focused: { matches: (selector: string) => boolean }, key: string): boolean =>
  focused.matches(TYPED_INTO) ||
  USES.some(([control, keys]) => keys.includes(key) && focused.matches(control))

/** After a tap or a click: a control that is not typed into gives the focus up again, so that the next key is the page's. */
export function giveFocusUp({ detail }: { detail: number }): void {
  const focused = document.activeElement
  // A click that the keyboard made counts none: who goes by keys stays where they are.
  if (detail > 0 && focused instanceof HTMLElement && !focused.matches(TYPED_INTO)) focused.blur()
}
