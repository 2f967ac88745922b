import { median } from '../../stats/median'
import { formatNumber } from '../../units/length'
import type { InkCell, InkCells } from '../inkCells'
import type { JudgedPlate } from '../judgedPlate'
import { onSheet, placesOfCells } from './placesOf'
import type { CheckResult } from './matchCheck'

/** The lightest so large a share of a square is its paper, or the film on it. */
const GROUND = 0.2
/** A square is the paper's colour within this, a* and b*: less than a cream sheet is from a white one, more than a grey film takes off it. */
const OTHER_COLOUR = 2.5
/** Squares that must hang together, cm², and how many squares may lie between. */
const LEAST_CM2 = 0.4
const GAP = 2
/** A square as dark as this between its lines, L* below the paper, shows no paper; so large a share of them has to. */
const COVERED = 25
const SHOWS = 0.25
/** A pixel as dark as this, L* below the paper, is ink; an ink of so much colour tints the film it leaves, along its own hue within this cosine. */
const INK = 25
const TINTS = 8
const ALONG = 0.85
/** Every so many-th pixel of the margin is looked at; so many are needed. */
const EVERY = 5
const FEWEST = 100

type Colour = readonly [a: number, b: number]
const apart = (one: Colour, other: Colour) => Math.hypot(one[0] - other[0], one[1] - other[1])

/** Colour of the lightest part of a square of one print. */
function groundOf(lab: Float32Array, places: readonly number[]): Colour {
  const light = places.toSorted((p, q) => lab[3 * q] - lab[3 * p])
  const of = light.slice(0, Math.max(1, Math.floor(GROUND * light.length)))
  const mean = (axis: number) => of.reduce((sum, i) => sum + lab[3 * i + axis], 0) / of.length
  return [mean(1), mean(2)]
}

/** Colour of the paper round the plate in both prints; null: too little of it is seen. */
function paperOf({ width, height, plate, reference, impression, seen, pixelsPerMm }: JudgedPlate) {
  const away = Math.round(2 * pixelsPerMm)
  const places: number[] = []
  for (let y = 0; y < height; y += EVERY)
    for (let x = 0; x < width; x += EVERY) {
      const isNear =
        x > plate.left - away &&
        x < plate.left + plate.width + away &&
        y > plate.top - away &&
        y < plate.top + plate.height + away
      if (!isNear && seen[y * width + x]) places.push(y * width + x)
    }
  if (places.length < FEWEST) return null
  const of = (lab: Float32Array): Colour => [
    median(places.map((i) => lab[3 * i + 1])),
    median(places.map((i) => lab[3 * i + 2])),
  ]
  return { reference: of(reference), impression: of(impression) }
}

/** Which way the ink of the reference tints what it covers, as a direction in a* and b*; null: it is as good as grey. */
function inkHue(
  { width, height, plate, reference, referenceInk }: JudgedPlate,
  paper: Colour,
): Colour | null {
  let [a, b, count] = [0, 0, 0]
  const [right, bottom] = [
    Math.min(width, Math.floor(plate.left + plate.width)),
    Math.min(height, Math.floor(plate.top + plate.height)),
  ]
  for (let y = Math.max(0, Math.round(plate.top)); y < bottom; y += EVERY)
    for (let x = Math.max(0, Math.round(plate.left)); x < right; x += EVERY) {
      const i = y * width + x
      if (referenceInk[i] < INK) continue
      a += reference[3 * i + 1]
      b += reference[3 * i + 2]
      count += 1
    }
  // A black takes the paper’s own colour away with its light, which is no tint: it is the ink’s own colour that counts.
  if (count === 0 || Math.hypot(a, b) / count < TINTS) return null
  const [towardsA, towardsB] = [a / count - paper[0], b / count - paper[1]]
  const far = Math.hypot(towardsA, towardsB)
  return far === 0 ? null : [towardsA / far, towardsB / far]
}

/** Whether a difference of colour is that of more or less of a tinted film, and not of paper. */
const isOfFilm = (off: Colour, hue: Colour | null): boolean =>
  hue !== null && Math.abs(off[0] * hue[0] + off[1] * hue[1]) > ALONG * Math.hypot(...off)

/**
 * Laid-on paper: how much of the plate has another paper between its lines than in the reference, cm². A piece has another colour than the
 * sheet round the plate; one as white as the sheet, or tinted as a coloured ink tints its film, is not seen.
 *
 * @param plate where the plate lies on the sheet
 */
export function checkChine(
  judged: JudgedPlate,
  { columns, rows, sizeMm, cells }: InkCells,
  plate: { leftMm: number; topMm: number },
): CheckResult {
  const paper = paperOf(judged)
  if (!paper)
    return { check: 'chine', value: null, words: 'Too little paper round the plate to say.', places: [] }
  const open = cells.filter(
    ({ referenceGround, impressionGround }) => Math.min(referenceGround, impressionGround) < COVERED,
  )
  if (open.length < SHOWS * cells.length)
    return {
      check: 'chine',
      value: null,
      words: 'Too little paper shows between the lines to say.',
      places: [],
    }
  const hue = inkHue(judged, paper.reference)
  const size = Math.round(sizeMm * judged.pixelsPerMm)
  const [left, top] = [Math.round(judged.plate.left), Math.round(judged.plate.top)]
  const [less, more] = [new Set<InkCell>(), new Set<InkCell>()]
  let hasPiece = false
  for (const cell of open) {
    const { column, row } = cell
    const places: number[] = []
    for (let y = 0; y < size; y += 2)
      for (let x = 0; x < size; x += 2)
        places.push((top + row * size + y) * judged.width + left + column * size + x)
    const [ours, theirs] = [groundOf(judged.reference, places), groundOf(judged.impression, places)]
    // Both against the paper round the plate, so that a lamp’s colour is in neither.
    const off: Colour = [
      theirs[0] - paper.impression[0] - (ours[0] - paper.reference[0]),
      theirs[1] - paper.impression[1] - (ours[1] - paper.reference[1]),
    ]
    const [ourOwn, theirOwn] = [apart(ours, paper.reference), apart(theirs, paper.impression)]
    if (ourOwn > OTHER_COLOUR) hasPiece = true
    if (Math.hypot(...off) <= OTHER_COLOUR || isOfFilm(off, hue)) continue
    ;(theirOwn < ourOwn ? less : more).add(cell)
  }
  const cm2 = (sizeMm * sizeMm) / 100
  const found = (of: ReadonlySet<InkCell>, what: string) =>
    placesOfCells({ columns, rows, sizeMm, cells: open }, (cell) => of.has(cell), LEAST_CM2 / cm2, GAP).map(
      ({ cells: part, ...box }) => ({ cm2: cm2 * part.length, place: onSheet('chine', what, box, plate) }),
    )
  const [gone, come] = [found(less, 'laid-on paper missing'), found(more, 'laid-on paper too much')]
  const all = [...gone, ...come]
  const value = all.reduce((sum, one) => sum + one.cm2, 0)
  return {
    check: 'chine',
    value,
    words: wordsOf(value, gone.length > 0, come.length > 0, hasPiece),
    places: all.map(({ place }) => place),
  }
}

function wordsOf(cm2: number, isGone: boolean, isCome: boolean, hasPiece: boolean): string {
  if (cm2 === 0)
    return hasPiece
      ? 'The paper between the lines has the BAT’s colour.'
      : 'No other paper is laid on, as in the BAT.'
  const where = `over ${formatNumber(cm2, 1)} cm² the paper between the lines has another colour`
  if (isGone && isCome) return `The laid-on piece lies elsewhere: ${where}.`
  return isGone
    ? `The laid-on piece is missing or lies short: ${where}.`
    : `A piece is laid on where the BAT has none: ${where}.`
}
