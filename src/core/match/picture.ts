/** The colour profile a file carries. */
export interface ColourProfile {
  /** null: it has none */
  name: string | null
  /** whether a file without it would be read as other colours */
  changesColours: boolean
}

/** A picture as a person sees it: sRGB, three bytes a pixel, row by row. */
export interface Rgb {
  width: number
  height: number
  data: Uint8Array | Uint8ClampedArray
  /** its file has one channel; left out: it has colours, or nobody looked */
  isGrey?: boolean
  /** what its file says of its scale; left out: nothing */
  pixelsPerMm?: number
  /** by which its colours were brought to sRGB; left out: its file has none, and they were taken for sRGB's */
  profile?: ColourProfile
}

/** A picture in grey, 0 to 1. Points are measured continuously: a pixel covers [i, i + 1), its middle is at i + ½. */
export interface Grey {
  width: number
  height: number
  data: Float32Array
}

/** Shares of the coded channels in the lightness a plate is compared by (ITU-R BT.601), for every byte, 0 to 1. */
const [RED, GREEN, BLUE] = [0.299, 0.587, 0.114].map((share) =>
  Float32Array.from({ length: 256 }, (_, byte) => (share * byte) / 255),
)

/** The lightness a plate is compared by: the weighted sum of the coded channels, 0 to 1. */
export function greyOf({ width, height, data }: Rgb): Grey {
  const grey = new Float32Array(width * height)
  for (let i = 0, p = 0; i < grey.length; i++, p += 3)
    grey[i] = RED[data[p]] + GREEN[data[p + 1]] + BLUE[data[p + 2]]
  return { width, height, data: grey }
}

/** Half the size, each pixel the mean of four; a last odd row or column is left out. */
export function halved({ width, height, data }: Grey): Grey {
  const [w, h] = [width >> 1, height >> 1]
  const half = new Float32Array(w * h)
  for (let y = 0; y < h; y++) {
    let at = 2 * y * width
    for (let x = 0; x < w; x++, at += 2)
      half[y * w + x] = (data[at] + data[at + 1] + data[at + width] + data[at + width + 1]) / 4
  }
  return { width: w, height: h, data: half }
}

/** The picture at half, a quarter, … of its size, the largest first, until its longer side is at most `smallest`. */
export function pyramidOf(grey: Grey, smallest: number): Grey[] {
  const levels = [grey]
  while (
    Math.max(levels.at(-1)!.width, levels.at(-1)!.height) > smallest &&
    Math.min(levels.at(-1)!.width, levels.at(-1)!.height) >= 4
  )
    levels.push(halved(levels.at(-1)!))
  return levels
}

/** Softened by the binomial 1 2 1 both ways: between pixels a softened picture is as noisy as on them, so that noise does not pull an alignment to half pixels. */
export function softened({ width, height, data }: Grey): Grey {
  const across = new Float32Array(data.length)
  for (let y = 0; y < height; y++) {
    const row = y * width
    const last = row + width - 1
    // At the border the pixel itself stands for its missing neighbour.
    across[row] = (data[row] + 2 * data[row] + data[width > 1 ? row + 1 : row]) / 4
    for (let i = row + 1; i < last; i++) across[i] = (data[i - 1] + 2 * data[i] + data[i + 1]) / 4
    if (width > 1) across[last] = (data[last - 1] + 2 * data[last] + data[last]) / 4
  }
  const soft = new Float32Array(data.length)
  for (let y = 0; y < height; y++) {
    const row = y * width
    const above = y > 0 ? row - width : row
    const below = y < height - 1 ? row + width : row
    for (let x = 0; x < width; x++)
      soft[row + x] = (across[above + x] + 2 * across[row + x] + across[below + x]) / 4
  }
  return { width, height, data: soft }
}

/** A whole number of times smaller, each pixel the mean of its square. */
export function shrunk({ width, height, data }: Rgb, times: number): Rgb {
  if (times <= 1) return { width, height, data }
  const [w, h] = [Math.floor(width / times), Math.floor(height / times)]
  const small = new Uint8Array(3 * w * h)
  if (times === 2) {
    // The usual case, 300 dots an inch to 150, without inner loops.
    for (let y = 0; y < h; y++) {
      let at = 6 * y * width
      const line = 3 * width
      for (let to = 3 * y * w, end = to + 3 * w; to < end; to += 3, at += 6) {
        small[to] = (data[at] + data[at + 3] + data[at + line] + data[at + line + 3] + 2) >> 2
        small[to + 1] = (data[at + 1] + data[at + 4] + data[at + line + 1] + data[at + line + 4] + 2) >> 2
        small[to + 2] = (data[at + 2] + data[at + 5] + data[at + line + 2] + data[at + line + 5] + 2) >> 2
      }
    }
    return { width: w, height: h, data: small }
  }
  const area = times * times
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      let r = 0
      let g = 0
      let b = 0
      for (let v = 0; v < times; v++) {
        let at = 3 * ((y * times + v) * width + x * times)
        for (let u = 0; u < times; u++, at += 3) {
          r += data[at]
          g += data[at + 1]
          b += data[at + 2]
        }
      }
      const to = 3 * (y * w + x)
      small[to] = r / area + 0.5
      small[to + 1] = g / area + 0.5
      small[to + 2] = b / area + 0.5
    }
  }
  return { width: w, height: h, data: small }
}
