import type { UnitOrder } from './shownUnits'

/** An inch after a number: its sign, or its name. */
const INCH = /(?:\d|[½¼¾⅛⅜⅝⅞])\s*(?:["”″]|in\b|inch(?:es)?\b)/i
const METRIC = /\d\s*(?:mm|cm|m)\b/i

/**
 * The units somebody thinks in, told from sizes as they were typed.
 *
 * @returns null where nothing or both were typed
 * @example unitsTyped(['5 × 7 in', 'Heron 300 g 22 x 30"']) // 'inches'
 */
export function unitsTyped(texts: readonly string[]): UnitOrder | null {
  const [isInches, isMetric] = [INCH, METRIC].map((unit) => texts.some((text) => unit.test(text)))
  if (isInches === isMetric) return null
  return isInches ? 'inches' : 'metric'
}
