/** Complex numbers side by side: real and imaginary parts. */
export interface Complex {
  re: Float64Array
  im: Float64Array
}

const twiddles = new Map<number, { cos: Float64Array; sin: Float64Array }>()

function twiddlesOf(n: number) {
  const kept = twiddles.get(n)
  if (kept) return kept
  const made = {
    cos: Float64Array.from({ length: n / 2 }, (_, i) => Math.cos((2 * Math.PI * i) / n)),
    sin: Float64Array.from({ length: n / 2 }, (_, i) => Math.sin((2 * Math.PI * i) / n)),
  }
  twiddles.set(n, made)
  return made
}

/** One line of a transform, in place: radix 2, decimation in time (Cooley & Tukey 1965). `stride` and `start` pick the line out of its field. */
function transformLine(
  { re, im }: Complex,
  n: number,
  start: number,
  stride: number,
  inverse: boolean,
): void {
  for (let i = 1, j = 0; i < n; i++) {
    let bit = n >> 1
    for (; j & bit; bit >>= 1) j ^= bit
    j ^= bit
    if (i >= j) continue
    const a = start + i * stride
    const b = start + j * stride
    const r = re[a]
    const m = im[a]
    re[a] = re[b]
    im[a] = im[b]
    re[b] = r
    im[b] = m
  }
  const { cos, sin } = twiddlesOf(n)
  const way = inverse ? 1 : -1
  for (let size = 2; size <= n; size <<= 1) {
    const half = size >> 1
    const step = n / size
    for (let block = 0; block < n; block += size) {
      for (let k = 0; k < half; k++) {
        const wr = cos[k * step]
        const wi = way * sin[k * step]
        const a = start + (block + k) * stride
        const b = a + half * stride
        const br = re[b] * wr - im[b] * wi
        const bi = re[b] * wi + im[b] * wr
        re[b] = re[a] - br
        im[b] = im[a] - bi
        re[a] += br
        im[a] += bi
      }
    }
  }
}

/** The two-dimensional discrete Fourier transform of a square field of side n, a power of two, in place; the inverse is not divided by n². */
export function transform(field: Complex, n: number, inverse = false): void {
  for (let row = 0; row < n; row++) transformLine(field, n, row * n, 1, inverse)
  for (let column = 0; column < n; column++) transformLine(field, n, column, n, inverse)
}
