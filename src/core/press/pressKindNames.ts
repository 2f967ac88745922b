import type { PressKind } from './pressKind'

/** How a press presses. */
export const PRESS_KINDS = {
  'two-screw': 'Roller over bed, two screws',
  'single-screw': 'Roller over bed, one screw',
  geared: 'Geared, read on a gauge',
  'kitchen-roller': 'Adapted kitchen roller',
  baren: 'By hand: baren or spoon',
  'rolling-pin': 'By hand: rolled over felts on a table',
} as const satisfies Record<PressKind, string>
