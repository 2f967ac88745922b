/** Darker than this a dot of a carrier is taken for black. */
const BLACK = 128

/**
 * Squared distances to the nearest zero along one line: the lower envelope of parabolas (Felzenszwalb and Huttenlocher 2012, Distance
 * Transforms of Sampled Functions, algorithm 1). Writes over `line`.
 */
function spread(line: Float64Array, vertex: Int32Array, border: Float64Array): Float64Array {
  const n = line.length
  const out = new Float64Array(n)
  let last = 0
  vertex[0] = 0
  border[0] = -Infinity
  border[1] = Infinity
  const meets = (q: number, v: number) => (line[q] + q * q - (line[v] + v * v)) / (2 * q - 2 * v)
  for (let q = 1; q < n; q++) {
    let at = meets(q, vertex[last])
    while (at <= border[last]) at = meets(q, vertex[--last])
    vertex[++last] = q
    border[last] = at
    border[last + 1] = Infinity
  }
  for (let q = 0, k = 0; q < n; q++) {
    while (border[k + 1] < q) k++
    out[q] = (q - vertex[k]) ** 2 + line[vertex[k]]
  }
  return out
}

/**
 * How wide the widest black of a picture is: the largest circle that lies wholly in black, exactly to a dot. What lies beyond the picture
 * counts as white.
 *
 * @param greys row by row, 0 black to 255 white @param pxPerMm dots a millimetre @returns its diameter, mm; 0 where nothing is black
 */
export function widestDarkMm(
  { greys, widthPx, heightPx }: { greys: ArrayLike<number>; widthPx: number; heightPx: number },
  pxPerMm: number,
): number {
  // One dot of white round it, so that an edge ends a black as white paper does.
  const [width, height] = [widthPx + 2, heightPx + 2]
  const far = (width + height) ** 2
  const squares = new Float64Array(width * height)
  for (let y = 0; y < heightPx; y++)
    for (let x = 0; x < widthPx; x++)
      if (greys[y * widthPx + x] < BLACK) squares[(y + 1) * width + x + 1] = far
  const longest = Math.max(width, height)
  const [vertex, border] = [new Int32Array(longest), new Float64Array(longest + 1)]
  const column = new Float64Array(height)
  for (let x = 0; x < width; x++) {
    for (let y = 0; y < height; y++) column[y] = squares[y * width + x]
    const moved = spread(column, vertex, border)
    for (let y = 0; y < height; y++) squares[y * width + x] = moved[y]
  }
  let most = 0
  for (let y = 0; y < height; y++) {
    const row = spread(squares.slice(y * width, (y + 1) * width), vertex, border)
    for (const square of row) if (square > most) most = square
  }
  return most === 0 ? 0 : (2 * Math.sqrt(most) - 1) / pxPerMm
}
