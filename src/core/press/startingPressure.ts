import { formatNumber } from '../units/length'
import { listed } from '../units/listed'
import { formatFine } from '../units/quantity'
import type { PlateKind } from '../plate/plate'
import { carryOver, type LayerTrust } from './carryOver'
import { isPressedByHand, isSamePack, middleReading, type Pressed, type PressSetting } from './pressSetting'
import { settable, speaksAlike, stepsTighter, tightened } from './pressureScale'

/** What lay under a press, all of it set, and what kind of plate it was. */
export interface PressedPlate extends Pressed {
  plate: Pressed['plate'] & { kind: PlateKind }
}

/** A setting that printed well: a BAT, or a proof somebody called right. */
export interface Worked {
  jobId: string
  name: string
  under: PressedPlate
}

/** Where a job without a BAT begins, and how that was found. */
export interface Start {
  from: Worked
  /** mean reading of both sides, as this press is read */
  reading: number
  /** make-ready that brings the plate to the height it had there; null: as it lies */
  makeReadyMm: number | null
  /** pressure carried over through the stack's model, the same reading again, or, where a reading is not carried, lighter than it */
  how: 'carried' | 'as-there' | 'lighter'
  /** what is otherwise than there, in words */
  apart: string[]
  /** how far such a start was off, in steps, each known setting found from the others; null: too few are known */
  off: { steps: number; of: number } | null
}

/** Plates whose heights differ by less lie alike, mm: below what a printer measures [common practice, no source]. */
const SAME_HEIGHT_MM = 0.03
/** What another kind of plate, and other blankets, count beside heights, mm [from memory]: they decide between settings alike in height. */
const OTHER_KIND_MM = 0.2
const OTHER_BLANKETS_MM = 0.5

/** Blankets of another height than this, mm: a reading nobody measured is not carried over to them, and one begins so many steps lighter [from memory]. */
const NOT_CARRIED_MM = 0.3
const LIGHTER_STEPS = 2

const packMm = ({ pack }: PressSetting): number => pack.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0)
/** What the plate stands above the bed, mm. */
const heightMm = ({ press, plate }: PressedPlate): number => plate.thicknessMm + press.makeReadyMm

/**
 * How far two stacks are from one another, mm: the difference of the plates' heights, of the sheets' calipers and of the blankets'
 * heights, and a little for another kind of plate or other blankets. Only compared, never shown as a gap.
 */
export function stackDistance(a: PressedPlate, b: PressedPlate): number {
  return (
    Math.abs(heightMm(a) - heightMm(b)) +
    Math.abs(a.paper.caliperMm - b.paper.caliperMm) +
    Math.abs(packMm(a.press) - packMm(b.press)) +
    (a.plate.kind === b.plate.kind ? 0 : OTHER_KIND_MM) +
    (isSamePack(a.press.pack, b.press.pack) ? 0 : OTHER_BLANKETS_MM)
  )
}

/** What is otherwise in one stack than in another, in words. */
function apartWords(now: PressedPlate, there: PressedPlate): string[] {
  const by = (mm: number, more: string, less: string) =>
    Math.abs(mm) < SAME_HEIGHT_MM ? [] : [`${formatFine(Math.abs(mm), 2)} ${mm > 0 ? more : less}`]
  return [
    ...by(now.plate.thicknessMm - there.plate.thicknessMm, 'thicker plate', 'thinner plate'),
    ...by(now.paper.caliperMm - there.paper.caliperMm, 'thicker paper', 'thinner paper'),
    ...(isSamePack(now.press.pack, there.press.pack) ? [] : ['other blankets']),
    ...(now.plate.kind === there.plate.kind ? [] : ['another kind of plate']),
  ]
}

/** Make-ready that brings a plate to the height one had there; null: it stands as high, or higher. */
function levelMakeReady(now: PressedPlate, there: PressedPlate): number | null {
  const short = heightMm(there) - now.plate.thicknessMm
  return short - now.press.makeReadyMm > SAME_HEIGHT_MM ? Number(short.toFixed(2)) : null
}

/** The start one known setting gives; null: its readings say nothing on this press. */
function startFrom(worked: Worked, now: PressedPlate, trust: LayerTrust): Omit<Start, 'off'> | null {
  const { under } = worked
  const apart = apartWords(now, under)
  const carried = carryOver(under, now, trust)
  if (carried?.ok)
    return {
      from: worked,
      reading: settable(now.press.scale, carried.reading),
      makeReadyMm: null,
      how: 'carried',
      apart,
    }
  if (!speaksAlike(under.press.scale, now.press.scale)) return null
  const reading = middleReading(under.press)
  // A hand has no height to bring a plate to.
  if (isPressedByHand(now.press)) return { from: worked, reading, makeReadyMm: null, how: 'as-there', apart }
  const isOtherHeight = Math.abs(packMm(now.press) - packMm(under.press)) > NOT_CARRIED_MM
  return {
    from: worked,
    reading: settable(
      now.press.scale,
      isOtherHeight ? tightened(now.press.scale, reading, -LIGHTER_STEPS) : reading,
    ),
    makeReadyMm: carried?.ok === false ? carried.makeReadyMm : levelMakeReady(now, under),
    how: isOtherHeight ? 'lighter' : 'as-there',
    apart,
  }
}

const nearest = (now: PressedPlate, known: readonly Worked[]): Worked[] =>
  [...known].sort((a, b) => stackDistance(now, a.under) - stackDistance(now, b.under))

function start(now: PressedPlate, known: readonly Worked[], trust: LayerTrust): Omit<Start, 'off'> | null {
  for (const worked of nearest(now, known)) {
    const found = startFrom(worked, now, trust)
    if (found) return found
  }
  return null
}

/**
 * Where to begin on a press before anything was approved in this job: from the setting that worked on this press with the stack nearest to
 * this one. How far that is off is measured on what is known: each setting is found from the others, and the misses are meaned.
 *
 * @param known settings that worked on this press, of other jobs
 * @returns null: something is not set yet, or nothing is known
 */
export function startingPressure(
  now: { press: PressSetting | null; plate: PressedPlate['plate'] | null; paper: Pressed['paper'] | null },
  known: readonly Worked[],
  trust: LayerTrust = { measured: new Set() },
): Start | null {
  if (!now.press || !now.plate || !now.paper) return null
  const here: PressedPlate = { press: now.press, plate: now.plate, paper: now.paper }
  const found = start(here, known, trust)
  if (!found) return null
  const misses = known.flatMap((one) => {
    const others = known.filter((other) => other !== one)
    const guess = start(one.under, others, trust)
    if (!guess) return []
    return [Math.abs(stepsTighter(one.under.press.scale, middleReading(one.under.press), guess.reading))]
  })
  return {
    ...found,
    off:
      misses.length > 1
        ? { steps: misses.reduce((sum, miss) => sum + miss, 0) / misses.length, of: misses.length }
        : null,
  }
}

/** What the start rests on, in a sentence. */
export function startReason({ from, how, apart, off, makeReadyMm }: Start): string {
  const where = `${from.name} printed well${apart.length > 0 ? ` with other things under the roller (here: ${listed(apart)})` : ' with the same under the roller'}`
  const level = makeReadyMm === null ? '' : ', with the plate brought to the same height'
  const found = {
    carried: 'its pressure, carried over by our model of the blankets',
    'as-there': `the same reading again${level}`,
    lighter: `its reading is not carried over to other blankets: begin lighter, and tighten${level}`,
  }[how]
  const doubt =
    off === null
      ? 'How far off such a start is shows with the second job.'
      : `Such a start was ${formatNumber(off.steps, 1)} steps off, on the mean of ${off.of} known settings.`
  return `${where}; ${found}. ${doubt}`
}
