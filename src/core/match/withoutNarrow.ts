/**
 * The least, or most, of every run of `count` values down the columns of a field, in place, row by row, so that memory is gone through in
 * order: runs of twice the length are made of two, the last of two that overlap. A row by itself is a field of one column.
 */
function runs(data: Float32Array, width: number, height: number, count: number, isLeast: boolean): void {
  let done = 1
  while (done < count) {
    const step = Math.min(done, count - done)
    const end = (height - done - step + 1) * width
    for (let i = 0, far = step * width; i < end; i++, far++) {
      const other = data[far]
      if (isLeast ? other < data[i] : other > data[i]) data[i] = other
    }
    done += step
  }
}

/** The least, or most, of every square of 2·reach + 1; beyond the border the nearest pixel stands. */
function extremes(
  data: Float32Array,
  width: number,
  height: number,
  reach: number,
  isLeast: boolean,
): Float32Array {
  const count = 2 * reach + 1
  // The rows' ends are drawn out, and so are the first and last rows: every square is then whole.
  const tall = height + 2 * reach
  const across = new Float32Array(width * tall)
  const row = new Float32Array(width + 2 * reach)
  for (let y = 0; y < height; y++) {
    row.set(data.subarray(y * width, (y + 1) * width), reach)
    row.fill(data[y * width], 0, reach)
    row.fill(data[(y + 1) * width - 1], reach + width)
    runs(row, 1, row.length, count, isLeast)
    across.set(row.subarray(0, width), (y + reach) * width)
  }
  for (let y = 0; y < reach; y++) {
    across.copyWithin(y * width, reach * width, (reach + 1) * width)
    across.copyWithin((tall - 1 - y) * width, (tall - 1 - reach) * width, (tall - reach) * width)
  }
  runs(across, width, tall, count, isLeast)
  return across.subarray(0, width * height)
}

/**
 * A field without what is dark and narrower than a square: the least of every square, and the most of those (opening; Serra, Image Analysis
 * and Mathematical Morphology, 1982). What is taken off is the lines, what is left is what lies under and between them.
 *
 * @param data row by row @param reach of the square to each side of its middle, px
 */
export const withoutNarrow = (
  data: Float32Array,
  width: number,
  height: number,
  reach: number,
): Float32Array => extremes(extremes(data, width, height, reach, true), width, height, reach, false)
