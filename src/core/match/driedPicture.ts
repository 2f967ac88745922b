import type { PaperWhite } from './evenLight'
import type { Rgb } from './picture'

/** What a tone changes by as it dries: density of the wet print, and what the dry one has more, or less, both over the paper. */
export interface DriedTone {
  wet: number
  change: number
}

/** The change at a density: along straight lines between the tones that were read, nothing at bare paper, beyond the darkest as at it. */
function changeAt(tones: readonly DriedTone[], density: number): number {
  let [below, change] = [0, 0]
  for (const tone of tones) {
    if (density <= tone.wet)
      return tone.wet === below
        ? tone.change
        : change + ((tone.change - change) * (density - below)) / (tone.wet - below)
    ;[below, change] = [tone.wet, tone.change]
  }
  return change
}

/**
 * A picture of a wet print as it would be dry, by what prints like it were read to change: density by density, in every channel alike, over
 * the paper's white. A forecast, and only as good as the readings.
 *
 * @param tones in any order; none: nothing changes
 */
export function driedPicture(
  { width, height, data }: Rgb,
  white: PaperWhite,
  tones: readonly DriedTone[],
): Rgb {
  const sorted = [...tones].sort((a, b) => a.wet - b.wet)
  const tables = white.map((paper) =>
    Uint8Array.from({ length: 256 }, (_, value) => {
      const density = Math.max(0, -Math.log10(Math.max(0.5, value) / paper))
      return value >= paper
        ? value
        : Math.min(255, Math.round(paper * 10 ** -(density + changeAt(sorted, density))))
    }),
  )
  const out = new Uint8Array(data.length)
  for (let i = 0; i < data.length; i += 3) {
    out[i] = tables[0][data[i]]
    out[i + 1] = tables[1][data[i + 1]]
    out[i + 2] = tables[2][data[i + 2]]
  }
  return { width, height, data: out }
}
