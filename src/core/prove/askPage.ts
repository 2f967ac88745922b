import { convertLabToXyz } from '../colour/convertXyzToLab'
import { convertXyzToSrgb } from '../colour/convertXyzToSrgb'

/** Room for the picture on an A4 page, mm. */
const ROOM = { widthMm: 178, heightMm: 150 }
/** Lengths a bar is drawn for, mm: the longest that fits in half the picture is taken. */
const BARS_MM = [200, 100, 50, 20, 10, 5]

/** A picture of a print as it stands on the page: its size there, and the bar that tells the print's own. */
export interface AskPicture {
  widthMm: number
  heightMm: number
  /** of the print's own size; null: nobody set the plate mark in the picture, so that no size can be told */
  scale: number | null
  /** a length on the print, and how long it is drawn on the page, mm */
  bar: { ofMm: number; drawnMm: number } | null
}

/**
 * Lays a picture of a print into the room of a page: at the print's own size where there is room for it, else as large as fits.
 *
 * @param picture its width and height in pixels
 * @param plate width of the plate mark on the print, mm, and in the picture, pixels; null: not known
 * @example layPicture({ widthPx: 1000, heightPx: 500 }, { widthMm: 80, widthPx: 800 })
 *   // 100 × 50 mm, scale 1, a bar of 50 mm drawn 50 mm long
 */
export function layPicture(
  { widthPx, heightPx }: { widthPx: number; heightPx: number },
  plate: { widthMm: number; widthPx: number } | null,
): AskPicture {
  const fits = Math.min(ROOM.widthMm / widthPx, ROOM.heightMm / heightPx)
  const own = plate && plate.widthPx > 0 ? plate.widthMm / plate.widthPx : null
  const mmPerPx = own === null ? fits : Math.min(own, fits)
  const scale = own === null ? null : mmPerPx / own
  const widthMm = widthPx * mmPerPx
  const ofMm = scale === null ? undefined : BARS_MM.find((length) => length * scale <= widthMm / 2)
  return {
    widthMm,
    heightMm: heightPx * mmPerPx,
    scale,
    bar: scale === null || ofMm === undefined ? null : { ofMm, drawnMm: ofMm * scale },
  }
}

/** Lightness of the greys of the strip, L*, from paper to a dense black: even steps to the eye (CIE 1976). */
export const GREYS = [95, 80, 65, 50, 35, 20] as const

/** The greys of the strip as a screen shows them: whoever cannot tell them apart sees the picture wrongly too. */
export const greyStrip = (): { lightness: number; srgb: string }[] =>
  GREYS.map((lightness) => ({
    lightness,
    srgb: convertXyzToSrgb(convertLabToXyz({ L: lightness, a: 0, b: 0 })),
  }))
