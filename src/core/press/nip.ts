import { formatNumber } from '../units/length'
import { pressureAt, stackCompression, type Layer, type PressStack } from './pressStack'

/** Pressure across the nip at one place along the bed's travel, as a share of the peak over the plate. */
export interface NipPoint {
  xMm: number
  onPlate: number
  offPlate: number
}

/** Half the width over which the roller presses at a compression, mm: √(2R·d0). */
const halfContact = (rollerRadiusMm: number, d0: number) => Math.sqrt(2 * rollerRadiusMm * Math.max(0, d0))

/**
 * The pressure's course across the nip, on the plate and beside it, as shares of the peak on the plate: local compression is
 * d(x) = d0 − x²/2R, and less by the plate's thickness where there is none.
 *
 * @param points on each side of the middle
 * @returns from left to right; empty where nothing is pressed
 */
export function nipProfile(stack: PressStack, points = 40): NipPoint[] {
  const d0 = stackCompression(stack)
  if (d0 <= 0) return []
  const peak = pressureAt(stack.layers, d0)
  const half = halfContact(stack.rollerRadiusMm, d0)
  return Array.from({ length: 2 * points + 1 }, (_, i) => {
    const xMm = (half * (i - points)) / points
    const d = d0 - (xMm * xMm) / (2 * stack.rollerRadiusMm)
    return {
      xMm,
      onPlate: pressureAt(stack.layers, d) / peak,
      offPlate: pressureAt(stack.layers, d - stack.plateThicknessMm) / peak,
    }
  })
}

/** How far a layer is pressed at the peak, as a share of the most it can give; null for one that never densifies. */
export function layerShares(stack: PressStack): { layer: Layer; share: number | null }[] {
  const sigma = pressureAt(stack.layers, stackCompression(stack))
  return stack.layers.map((layer) => ({
    layer,
    share:
      layer.densificationStrain === null
        ? null
        : sigma / (layer.modulusMPa + sigma / layer.densificationStrain) / layer.densificationStrain,
  }))
}

/** A layer pressed further than this share of what it can give no longer works as a spring [common practice, no source]. */
export const NEARLY_ALL = 0.9
/** Steeper than this the roller does not climb a plate's edge smoothly, degrees [common practice, no source]. */
const STEEPEST_CLIMB = 15

/** Angle at which a roller meets an edge of some height, degrees: cos a = 1 − h/R. */
export const climbDegrees = (rollerRadiusMm: number, heightMm: number): number =>
  (Math.acos(Math.max(-1, 1 - heightMm / rollerRadiusMm)) * 180) / Math.PI

/** What is to be said of a stack before it goes under the roller, in words. */
export function stackWarnings(
  stack: PressStack,
  { bevelDegrees, isHard }: { bevelDegrees: number; isHard: boolean },
): string[] {
  const climb = climbDegrees(stack.rollerRadiusMm, stack.plateThicknessMm)
  return [
    ...(isHard && bevelDegrees === 0 ? ['The plate’s edge is not bevelled: it cuts the blankets.'] : []),
    ...(climb > STEEPEST_CLIMB
      ? [
          `The plate stands high for so small a roller: it meets the edge at ${formatNumber(climb, 0)}°. Lay card of the plate’s height before it.`,
        ]
      : []),
    ...(stackCompression(stack) > 0
      ? layerShares(stack).flatMap(({ layer, share }) =>
          share !== null && share > NEARLY_ALL
            ? [
                `${layer.name} is pressed to ${formatNumber(100 * share, 0)} % of what it can give: it works no more as a spring.`,
              ]
            : [],
        )
      : []),
  ]
}
