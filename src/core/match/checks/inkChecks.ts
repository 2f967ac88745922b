import { capital } from '../../units/capital'
import { mean } from '../../stats/mean'
import { median } from '../../stats/median'
import { formatNumber } from '../../units/length'
import type { InkCells } from '../inkCells'
import type { LineInk } from '../lineInk'
import { onSheet } from './placesOf'
import type { CheckResult } from './matchCheck'

/** Cells a tone needs to be spoken of, and the ink, L*, from which a cell counts as printed. */
const FEWEST = 12
const PRINTED = 4
/** Ink of light, middle and dark tones, L* below the paper. */
const TONES = [
  ['light', PRINTED, 22],
  ['middle', 22, 45],
  ['dark', 45, 101],
] as const
/** A cell with so much more in its darkest pixel than between its lines has a strong line in it; one with less than that has none, not a fine one either, but the paper's grain. */
const LINED = 18
const OPEN = 6

/** The tone curve: light, middle and dark cells of the reference against what the impression has there; the worst of them counts. */
export function checkTone({ cells }: InkCells): CheckResult {
  const tones = TONES.flatMap(([name, from, to]) => {
    const of = cells.filter(({ reference }) => reference >= from && reference < to)
    return of.length < FEWEST
      ? []
      : [{ name, difference: mean(of.map(({ reference, impression }) => impression - reference)) }]
  })
  if (tones.length === 0)
    return { check: 'tone', value: null, words: 'Too little is printed to say.', places: [] }
  const worst = tones.reduce((most, tone) =>
    Math.abs(tone.difference) > Math.abs(most.difference) ? tone : most,
  )
  return {
    check: 'tone',
    value: worst.difference,
    words: `${capital(tones.map(({ name, difference }) => `${name} tones ${Math.abs(difference) < 0.5 ? 'the same' : `${formatNumber(Math.abs(difference), 1)} L* ${difference > 0 ? 'darker' : 'lighter'}`}`).join(', '))}.`,
    places: [],
  }
}

/** Fine lines that lost so much, and so much more than strong ones, changed by themselves, in per cent [bench photographs: like prints in any picture, 6 apart at most on plates of lines]. */
const APART = 12

/** How much of their ink fine lines lost beyond what strong ones did, in per cent; null: not by themselves, or not both are seen. A softer picture, and less ink on the plate, take from both alike. */
function lostByFine(lines: readonly LineInk[]): number | null {
  const [fine, strong] = (['fine', 'strong'] as const).map((key) => lines.find((one) => one.lines === key))
  if (!fine || !strong) return null
  const own = 100 * (1 - fine.impression / fine.reference)
  const beyond = own - 100 * (1 - strong.impression / strong.reference)
  return Math.min(own, beyond) > APART ? beyond : null
}

/** Line weight: all the ink lines have beyond the film between them, in per cent of the reference's; of fine lines against strong ones, where those alone lost ink. */
export function checkLines({ cells }: InkCells, lines: readonly LineInk[]): CheckResult {
  const lost = lostByFine(lines)
  if (lost !== null)
    return {
      check: 'lines',
      value: -lost,
      words: `Fine lines lost ${formatNumber(lost, 0)} % of their ink beyond what strong ones did: a plate that wears loses its fine lines first.`,
      places: [],
    }
  const lined = cells.filter(({ darkest, referenceGround }) => darkest - referenceGround > LINED)
  if (lined.length < FEWEST)
    return { check: 'lines', value: null, words: 'Too few lines to say.', places: [] }
  const [ours, theirs] = [
    lined.reduce((sum, { reference, referenceGround }) => sum + reference - referenceGround, 0),
    lined.reduce((sum, { impression, impressionGround }) => sum + impression - impressionGround, 0),
  ]
  const more = 100 * (theirs / ours - 1)
  return {
    check: 'lines',
    value: more,
    words: `Lines carry ${formatNumber(Math.abs(more), 0)} % ${more < 0 ? 'less' : 'more'} ink.`,
    places: [],
  }
}

/** Squares where no line is: what is in them is the film that was left. */
const openOf = ({ cells }: Pick<InkCells, 'cells'>) =>
  cells.filter(({ darkest, referenceGround }) => darkest - referenceGround < OPEN)
const filmOff = (open: InkCells['cells']) =>
  open.map(({ referenceGround, impressionGround }) => impressionGround - referenceGround)

/** How deep the plate tone is: the film where no line is, against the reference's, L*. */
export function checkFilm(cells: InkCells): CheckResult {
  const open = openOf(cells)
  if (open.length < FEWEST)
    return { check: 'film', value: null, words: 'No open surface to judge the tone by.', places: [] }
  const value = median(filmOff(open))
  return {
    check: 'film',
    value,
    words:
      Math.abs(value) < 0.5
        ? 'As deep as the reference’s.'
        : `The wiped surface is ${formatNumber(Math.abs(value), 1)} L* ${value > 0 ? 'darker' : 'lighter'}.`,
    places: [],
  }
}

/** How patchy the wiping is: the film between the lines against the reference's, less what differs everywhere. */
export function checkEvenness(cells: InkCells): CheckResult {
  const open = openOf(cells)
  if (open.length < FEWEST)
    return { check: 'evenness', value: null, words: 'No open surface to judge the wiping by.', places: [] }
  const off = filmOff(open)
  const middle = median(off)
  // The median distance times 1.4826 is the standard deviation of normal scatter (Huber & Ronchetti, Robust Statistics).
  const patchy = 1.4826 * median(off.map((value) => Math.abs(value - middle)))
  return {
    check: 'evenness',
    value: patchy,
    words: `Cloudy by ${formatNumber(patchy, 1)} L*.`,
    places: [],
  }
}

/** Left against right: how much more of its ink one side has than the other, in per cent. */
export function checkSides(
  { columns, rows, sizeMm, cells }: InkCells,
  plate: { leftMm: number; topMm: number },
): CheckResult {
  const share = (from: number, to: number) => {
    const of = cells.filter(
      ({ column, reference }) => column >= from * columns && column < to * columns && reference >= PRINTED,
    )
    return of.length < FEWEST
      ? null
      : of.reduce((sum, { impression }) => sum + impression, 0) /
          of.reduce((sum, { reference }) => sum + reference, 0)
  }
  const [left, right] = [share(0, 1 / 3), share(2 / 3, 1)]
  if (left === null || right === null)
    return { check: 'sides', value: null, words: 'Too little is printed at one side to say.', places: [] }
  const more = 100 * (right - left)
  const third = (columns * sizeMm) / 3
  const paler = onSheet(
    'sides',
    `paler ${more > 0 ? 'left' : 'right'} side`,
    { xMm: more > 0 ? 0 : 2 * third, yMm: 0, widthMm: third, heightMm: rows * sizeMm },
    plate,
  )
  return {
    check: 'sides',
    value: more,
    words:
      Math.abs(more) < 1
        ? 'Both sides alike.'
        : `The ${more > 0 ? 'left' : 'right'} side is paler by ${formatNumber(Math.abs(more), 0)} %.`,
    places: Math.abs(more) < 1 ? [] : [paler],
  }
}
