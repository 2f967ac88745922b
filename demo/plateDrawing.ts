import sharp from 'sharp'

/** The motifs our program can draw. */
export type Motif = 'posts' | 'samphire' | 'window' | 'tides'

/** A repeatable sequence in 0…1 (Park & Miller 1988), so that a drawing is the same line for line every time. */
function sequence(seed: number): () => number {
  let state = seed
  return () => (state = (state * 48271) % 2147483647) / 2147483647
}

type Point = readonly [number, number]

/** One needle stroke: a path that trembles a little across its run. */
function stroke(next: () => number, [x1, y1]: Point, [x2, y2]: Point, weight: number, tremble = 1.2): string {
  const wobble = () => (next() - 0.5) * 2 * tremble
  const middle = `${((x1 + x2) / 2 + wobble()).toFixed(1)} ${((y1 + y2) / 2 + wobble()).toFixed(1)}`
  return `<path d="M${x1.toFixed(1)} ${y1.toFixed(1)}Q${middle} ${x2.toFixed(1)} ${y2.toFixed(1)}" stroke-width="${weight.toFixed(2)}"/>`
}

/** Parallel strokes that fill a box at an angle given by their run. */
function hatch(
  next: () => number,
  x: number,
  y: number,
  width: number,
  height: number,
  gap: number,
  run: number,
  weight: number,
): string {
  const lines: string[] = []
  for (let at = 0; at < width; at += gap * (0.8 + 0.4 * next()))
    lines.push(
      stroke(
        next,
        [x + at, y + next() * 4],
        [x + at + run, y + height - next() * 6],
        weight * (0.7 + 0.6 * next()),
      ),
    )
  return lines.join('')
}

const DRAW: Record<Motif, (next: () => number) => string> = {
  posts: (next) => {
    const marks: string[] = []
    for (let y = 300; y < 590; y += 9 + (y - 300) * 0.03) {
      for (let x = -20; x < 900; x += 40 + 90 * next())
        marks.push(
          stroke(next, [x, y + 3 * next()], [x + 30 + 60 * next(), y + 3 * next()], 0.7 + (y - 300) / 260),
        )
    }
    ;[
      [120, 150, 34],
      [245, 205, 26],
      [345, 235, 20],
      [430, 255, 16],
      [500, 268, 12],
      [760, 120, 40],
    ].forEach(([x, top, width]) => {
      const foot = 330 + (width - 12) * 7
      marks.push(
        hatch(next, x, top, width, foot - top, 3.1, 1, 1.5),
        hatch(next, x + width * 0.55, top + 6, width * 0.45, foot - top - 8, 2.2, -3, 1.7),
      )
      marks.push(
        stroke(next, [x - 2, top], [x + width + 2, top + 3], 2.4),
        hatch(next, x - 6, foot, width + 12, 60 + width, 4.4, -8, 1.1),
      )
    })
    for (let x = -40; x < 900; x += 13)
      marks.push(stroke(next, [x, 40 + 90 * next()], [x + 80 + 60 * next(), 20 + 60 * next()], 0.6, 6))
    marks.push(stroke(next, [-10, 296], [910, 290], 1.2, 2), hatch(next, 560, 262, 330, 30, 5, 12, 0.9))
    return marks.join('')
  },
  samphire: (next) => {
    const marks: string[] = []
    for (let i = 0; i < 26; i++) {
      const foot: Point = [60 + i * 24 + 20 * next(), 860 - 30 * next()]
      let at = foot
      const lean = (next() - 0.5) * 26
      for (let joint = 0; joint < 7 + 5 * next(); joint++) {
        const to: Point = [at[0] + lean * 0.4 + 8 * (next() - 0.5), at[1] - 34 - 26 * next()]
        marks.push(
          stroke(next, at, to, 3.4 - joint * 0.22, 3),
          stroke(next, [at[0] + 5, at[1]], [to[0] + 4, to[1]], 1, 3),
        )
        for (const side of [-1, 1])
          if (next() > 0.35)
            marks.push(
              stroke(
                next,
                to,
                [to[0] + side * (18 + 30 * next()), to[1] - 26 - 20 * next()],
                2 - joint * 0.1,
                4,
              ),
            )
        at = to
      }
    }
    for (let y = 850; y < 990; y += 8)
      for (let x = 0; x < 740; x += 24 + 50 * next())
        marks.push(stroke(next, [x, y], [x + 26 * next() + 10, y + 6 * (next() - 0.5)], 1.6))
    for (let y = 60; y < 300; y += 26)
      marks.push(stroke(next, [20, y + 10 * next()], [720, y + 14 * next()], 0.7, 9))
    return marks.join('')
  },
  window: (next) => {
    const marks = [
      hatch(next, 0, 0, 140, 700, 5, 2, 2.2),
      hatch(next, 620, 0, 150, 700, 5, -2, 2.2),
      hatch(next, 0, 560, 760, 150, 3.4, 9, 2),
      hatch(next, 130, 0, 500, 70, 4, 5, 2),
    ]
    for (const x of [150, 300, 455, 610]) marks.push(hatch(next, x, 80, 12, 480, 2.4, 0, 2.2))
    for (const y of [80, 235, 400, 548])
      for (let i = 0; i < 5; i++) marks.push(stroke(next, [150, y + i * 2.6], [622, y + i * 2.6], 1.6, 1))
    for (let x = 170; x < 600; x += 16)
      marks.push(stroke(next, [x, 330 + 6 * next()], [x + 18, 330 + 8 * next()], 1.4))
    marks.push(
      hatch(next, 330, 250, 60, 78, 4, 3, 1.3),
      hatch(next, 500, 285, 46, 44, 3.4, -2, 1.5),
      stroke(next, [420, 330], [424, 170], 2.2),
      stroke(next, [424, 172], [470, 300], 1),
      stroke(next, [424, 172], [372, 318], 1),
    )
    for (let y = 345; y < 545; y += 11)
      for (let x = 165; x < 600; x += 26 + 40 * next())
        marks.push(stroke(next, [x, y], [x + 22 * next() + 8, y + 2 * next()], 0.9))
    return marks.join('')
  },
  tides: (next) => {
    const marks: string[] = []
    // Ripples that lean one way in the upper half and the other in the lower, with a bare channel between.
    for (let y = 20; y < 560; y += 8 + 5 * next()) {
      const channel = 280 + 30 * Math.sin(y / 40)
      if (Math.abs(y - channel) < 26) continue
      const lean = y < channel ? 16 : -16
      for (let x = -30; x < 800; x += 34 + 60 * next())
        marks.push(
          stroke(
            next,
            [x, y + 8 * Math.sin(x / 70)],
            [x + 28 + 30 * next(), y + lean * next() + 8 * Math.sin(x / 70 + 0.5)],
            0.7 + 1.3 * next(),
            4,
          ),
        )
    }
    for (let i = 0; i < 9; i++)
      marks.push(hatch(next, 60 + i * 82, 250 + 40 * next(), 14 + 16 * next(), 34, 3, 4, 1.4))
    return marks.join('')
  },
}

const CANVAS: Record<Motif, readonly [number, number]> = {
  posts: [900, 600],
  samphire: [740, 1000],
  window: [760, 700],
  tides: [800, 560],
}

/**
 * Draws the picture of an invented plate as PNG: worked lines on bare metal, the plate's way round
 * (the print reads reversed from it). Everything in it is computed; nothing is photographed.
 */
export async function drawPlate(motif: Motif, metal: string): Promise<Buffer> {
  const [width, height] = CANVAS[motif]
  const next = sequence(motif.length * 7919)
  const marks = DRAW[motif](next)
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width * 1.5}" height="${height * 1.5}"><rect width="${width}" height="${height}" fill="${metal}"/><g transform="translate(${width} 0) scale(-1 1)" fill="none" stroke="#1c1b1a" stroke-linecap="round">${marks}</g></svg>`
  return sharp(Buffer.from(svg)).png().toBuffer()
}
