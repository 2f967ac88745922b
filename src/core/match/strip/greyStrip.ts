/**
 * The grey strip that lies beside a sheet in its picture: a black frame, and in it, on grey, patches from pale to black. Held against itself
 * in another picture it says how two devices see tones apart; what its greys are worth nobody need know. The grey they lie on says how much
 * light falls there; it is no white, which scanners take for as light as can be. Lengths in mm as it is printed; it is found by its
 * proportions, so that a printer that scales does no harm.
 */
export const GREY_STRIP = {
  /** as it is cut out */
  widthMm: 132,
  heightMm: 26,
  /** white round the frame, and the frame's own line */
  rimMm: 4,
  frameMm: 2,
  /** share of black in what the patches lie on, and in each of them, from the left */
  field: 0.2,
  blacks: [0.06, 0.32, 0.44, 0.56, 0.68, 0.8, 0.9, 1],
} as const

const { widthMm, heightMm, rimMm, frameMm, blacks } = GREY_STRIP
/** The frame, measured along its outer edge. */
export const FRAME = { widthMm: widthMm - 2 * rimMm, heightMm: heightMm - 2 * rimMm }
const PATCH = { widthMm: 12, heightMm: 8, stepMm: 14 }
const FIRST_MM = (FRAME.widthMm - (blacks.length - 1) * PATCH.stepMm - PATCH.widthMm) / 2

/** A box on the strip, mm from the frame's outer corner. */
export interface StripBox {
  leftMm: number
  topMm: number
  widthMm: number
  heightMm: number
}

/** Where each patch lies, and the field above and below it. */
export const PATCHES: readonly { patch: StripBox; beside: readonly [StripBox, StripBox] }[] = blacks.map(
  (_, i) => {
    const leftMm = FIRST_MM + i * PATCH.stepMm
    const topMm = (FRAME.heightMm - PATCH.heightMm) / 2
    const field = { leftMm, widthMm: PATCH.widthMm, heightMm: topMm - frameMm }
    return {
      patch: { leftMm, topMm, widthMm: PATCH.widthMm, heightMm: PATCH.heightMm },
      beside: [
        { ...field, topMm: frameMm },
        { ...field, topMm: topMm + PATCH.heightMm },
      ],
    }
  },
)
