/** How a press presses. */
export type PressKind = 'two-screw' | 'single-screw' | 'geared' | 'kitchen-roller' | 'baren' | 'rolling-pin'

/** Ways without a roller that stands at a height: nothing to zero, and nothing that pinches. */
export const isHandKind = (kind: PressKind): kind is 'baren' | 'rolling-pin' =>
  kind === 'baren' || kind === 'rolling-pin'
