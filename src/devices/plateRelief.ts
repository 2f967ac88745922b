/** A picture in sRGB, three bytes a pixel, row by row. */
export interface Picture {
  width: number
  height: number
  data: Uint8Array
}

/** How deep a plate holds ink, 0 (polished) to 1 (its deepest line), as its print shows it: the plate's own way round, mirrored. */
export interface PlateRelief {
  width: number
  height: number
  data: Float32Array
}

/** The lightness below which lies so much of the picture. */
function levelAt(counts: Uint32Array, share: number, all: number): number {
  let below = 0
  return counts.findIndex((count) => (below += count) >= share * all)
}

/** Takes the picture of a plate for its relief: the bare metal holds nothing, its darkest marks the most. Mirrored, as a print is. */
export function reliefOf({ width, height, data }: Picture): PlateRelief {
  const grey = Uint8Array.from(
    { length: width * height },
    (_, i) => 0.299 * data[3 * i] + 0.587 * data[3 * i + 1] + 0.114 * data[3 * i + 2],
  )
  const counts = new Uint32Array(256)
  for (const value of grey) counts[value] += 1
  const [darkest, metal] = [levelAt(counts, 0.001, grey.length), levelAt(counts, 0.7, grey.length)]
  const relief = new Float32Array(grey.length)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      relief[y * width + width - 1 - x] = Math.min(
        1,
        Math.max(0, (metal - grey[y * width + x]) / Math.max(1, metal - darkest)),
      )
  return { width, height, data: relief }
}

/** Means over 2·reach + 1 neighbours along a line, in place of each; beyond the end the last one stands. */
function evenLine(
  from: Float32Array,
  to: Float32Array,
  start: number,
  step: number,
  count: number,
  reach: number,
): void {
  const at = (i: number) => from[start + step * Math.min(count - 1, Math.max(0, i))]
  let sum = 0
  for (let i = -reach; i <= reach; i++) sum += at(i)
  for (let i = 0; i < count; i++) {
    to[start + step * i] = sum / (2 * reach + 1)
    sum += at(i + reach + 1) - at(i - reach)
  }
}

/**
 * The burr a needle threw up beside its lines, 0 to 1: metal standing in a fringe round every line, more where lines are deep and close;
 * within the line itself the groove holds the ink.
 *
 * @param reach width of the fringe, px
 */
export function burrOf({ width, height, data }: PlateRelief, reach: number): PlateRelief {
  const [across, fringe] = [new Float32Array(data.length), new Float32Array(data.length)]
  for (let y = 0; y < height; y++) evenLine(data, across, y * width, 1, width, Math.max(1, reach))
  for (let x = 0; x < width; x++) evenLine(across, fringe, x, width, height, Math.max(1, reach))
  for (let i = 0; i < fringe.length; i++) fringe[i] = Math.min(1, 2 * fringe[i]) * (1 - data[i])
  return { width, height, data: fringe }
}
