import { noiseAt, sequence } from './chance'

/** The bench's sheet and where its plate lies, mm, and how finely prints are made up, px/mm. Nothing here is taken from the devices of the sample. */
export const SHEET = { widthMm: 150, heightMm: 112 }
export const PLATE = { leftMm: 26, topMm: 18, widthMm: 98, heightMm: 70 }
export const FINE = 6

/** How much ink a plate lays down, 0 to 1, at places in mm from its corner. */
type Drawn = (xMm: number, yMm: number) => number

/** A line: dark within its half width, with soft flanks. */
const line = (offMm: number, halfMm: number) => Math.max(0, Math.min(1, (halfMm + 0.06 - offMm) / 0.12))
const wrap = (value: number, step: number) => Math.abs(value - step * Math.round(value / step))

/** Hatching in one direction. */
const hatch = (degrees: number, stepMm: number, halfMm: number): Drawn => {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  return (x, y) => line(wrap(x * c + y * s, stepMm), halfMm)
}

/** A scene all kinds are drawn after: hills, a tree, a sun; how dark it is at a place, 0 to 1. */
function scene(x: number, y: number): number {
  const hill = 46 + 9 * Math.sin(x / 17) + 5 * Math.sin(x / 6.3 + 1)
  const sun = Math.hypot(x - 82, y - 18) < 9 ? 0 : 0.18
  const tree =
    Math.hypot((x - 31) / 1.1, y - 30) < 14 + 3 * Math.sin(Math.atan2(y - 30, x - 31) * 7) ? 0.75 : 0
  const trunk = Math.abs(x - 31 - 0.04 * (y - 30)) < 2.2 && y > 38 && y < 62 ? 0.95 : 0
  return Math.max(y > hill ? 0.35 + 0.4 * ((y - hill) / 32) : sun, tree, trunk)
}

/** Strokes laid along the scene's shapes. */
function strokes(seed: number, count: number, halfMm: number): Drawn {
  const next = sequence(seed)
  const CELL = 4
  const cells = new Map<number, [number, number, number, number][]>()
  for (let i = 0; i < count; i++) {
    const [x, y] = [next() * PLATE.widthMm, next() * PLATE.heightMm]
    if (next() > 0.15 + scene(x, y)) continue
    const [turn, long] = [next() * Math.PI, 2 + 7 * next()]
    const [dx, dy] = [Math.cos(turn) * long, Math.sin(turn) * long]
    for (
      let v = Math.floor((Math.min(y, y + dy) - 1) / CELL);
      v <= Math.floor((Math.max(y, y + dy) + 1) / CELL);
      v++
    )
      for (
        let u = Math.floor((Math.min(x, x + dx) - 1) / CELL);
        u <= Math.floor((Math.max(x, x + dx) + 1) / CELL);
        u++
      ) {
        const key = 1000 * v + u
        cells.set(key, [...(cells.get(key) ?? []), [x, y, dx, dy]])
      }
  }
  return (px, py) => {
    let most = 0
    for (const [x, y, dx, dy] of cells.get(1000 * Math.floor(py / CELL) + Math.floor(px / CELL)) ?? []) {
      const t = Math.max(0, Math.min(1, ((px - x) * dx + (py - y) * dy) / (dx * dx + dy * dy)))
      most = Math.max(most, line(Math.hypot(px - x - t * dx, py - y - t * dy), halfMm))
    }
    return most
  }
}

const cross = hatch(35, 0.9, 0.13)
const crossed = hatch(-50, 1.1, 0.12)
const close = hatch(0, 0.62, 0.12)
const etched = strokes(11, 2600, 0.14)
const burred = strokes(23, 900, 0.1)
const sparse = strokes(37, 260, 0.2)

/** Ten kinds of plate. */
const DRAWN: Readonly<Record<string, Drawn>> = {
  'etched lines': etched,
  'cross-hatching': (x, y) => {
    const dark = scene(x, y)
    return Math.max(
      dark > 0.1 ? cross(x, y) : 0,
      dark > 0.4 ? crossed(x, y) : 0,
      dark > 0.7 ? close(x, y) : 0,
    )
  },
  aquatint: (x, y) => {
    const step = Math.floor(scene(x, y) * 6) / 6
    return step * (0.75 + 0.5 * noiseAt(x * 5, y * 5, 5))
  },
  mezzotint: (x, y) => Math.min(1, (1 - 0.55 * scene(x, y)) * (0.9 + 0.2 * noiseAt(x * 6, y * 6, 7))),
  drypoint: (x, y) => {
    const soft = Math.max(burred(x, y), 0.45 * burred(x - 0.25, y - 0.2), 0.3 * burred(x - 0.45, y - 0.35))
    return soft
  },
  'soft ground': (x, y) => scene(x, y) * (noiseAt(x * 3.2, y * 3.2, 13) > 0.45 ? 0.8 : 0.12),
  gravure: (x, y) => scene(x, y) * (0.85 + 0.3 * noiseAt(x / 6, y / 6, 17)),
  'few lines': sparse,
  rows: (x, y) => Math.max(line(wrap(y, 6), 0.5), line(wrap(x, 11), 0.3)),
  'open bite': (x, y) => (noiseAt(x / 9, y / 9, 29) > 0.52 ? 0.7 : 0.05) + 0.25 * etched(x, y),
}

/** Ink of a plate, place by place, at `FINE` places a mm. */
export type Film = Float32Array

/** What is drawn, place by place. */
function filmOf(drawn: Drawn): Film {
  const [width, height] = [PLATE.widthMm * FINE, PLATE.heightMm * FINE]
  return Float32Array.from({ length: width * height }, (_, i) =>
    drawn(((i % width) + 0.5) / FINE, (Math.floor(i / width) + 0.5) / FINE),
  )
}

/** Names of the kinds, and what each lays down. */
export const PLATES = Object.entries(DRAWN).map(([name, drawn]) => ({ name, film: filmOf(drawn) }))

const fineHatching = [hatch(5, 0.9, 0.08), hatch(80, 1.1, 0.08)]
/** Strong lines over fine hatching, of which a share is worn away, 0 to 1: a plate that is not among the kinds. */
export const wornHatching = (worn: number): Film =>
  filmOf((x, y) =>
    Math.max(DRAWN.rows(x, y), 0.7 * (1 - worn) * Math.max(...fineHatching.map((drawn) => drawn(x, y)))),
  )
