import { FINE, PLATE, SHEET } from './plates'
import type { Sheet } from './prints'

/** How a plate is made to bleed over its sheet: so many times as large about the middle of the plate, and moved to the right, mm. */
export interface Bleeding {
  times: number
  rightMm: number
}

const MIDDLE = {
  x: PLATE.leftMm + PLATE.widthMm / 2,
  y: PLATE.topMm + PLATE.heightMm / 2,
}

/** The sheet, of one size, as a larger plate would have printed on it. */
export function bled({ width, height, light }: Sheet, { times, rightMm }: Bleeding): Sheet {
  const out = new Float32Array(light.length)
  const within = (value: number, most: number) => Math.min(most - 1, Math.max(0, Math.round(value)))
  for (let y = 0; y < height; y++) {
    const row = within(MIDDLE.y * FINE + (y - MIDDLE.y * FINE) / times, height)
    for (let x = 0; x < width; x++) {
      const column = within(MIDDLE.x * FINE + (x - (MIDDLE.x + rightMm) * FINE) / times, width)
      for (let c = 0; c < 3; c++) out[3 * (y * width + x) + c] = light[3 * (row * width + column) + c]
    }
  }
  return { width, height, light: out }
}

/** Where such a plate lies on the sheet, and beyond it, mm. */
export function plateThatBleeds({ times, rightMm }: Bleeding): typeof PLATE {
  const [widthMm, heightMm] = [times * PLATE.widthMm, times * PLATE.heightMm]
  return { leftMm: MIDDLE.x + rightMm - widthMm / 2, topMm: MIDDLE.y - heightMm / 2, widthMm, heightMm }
}

/** Over all sides, and over the right side alone. */
export const OVER_ALL: Bleeding = { times: (1.12 * SHEET.widthMm) / PLATE.widthMm, rightMm: 0 }
export const OVER_ONE: Bleeding = { times: 1, rightMm: 38 }
