import { PLATE_KINDS } from '@/core/plate/plate'
import { firstMix } from '@/core/ink/mix'
import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import { inkTemperature, USUAL_CALIBRATION } from '@/core/ink/stiffness'
import { mixViscosity } from '@/core/ink/mixViscosity'
import { predictInk } from '@/core/ink/predictInk'
import type { ShelfInk } from '@/core/ink/shelfInk'
import { WIPED_TO } from '@/core/ink/spotDensity'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { squeezeAtReading, type PressSetting } from '@/core/press/pressSetting'
import type { Settings } from '@/core/prove/settings'
import { printedLayout } from '@/core/match/printedLayout'
import { describeSpectrum } from '@/core/colour/describeSpectrum'

/** Films whose colours are reckoned, µm from none to the thickest, in equal steps. */
const FILM_STEPS = 96
const THICKEST_MICROMETRES = 36

/** Film a fresh burr holds, µm [from memory; only the way it goes is used]. */
const BURR_MICROMETRES = 7

/** What a print is made with, as the model sees it. Ratios are to the settings it is held against; 1 is the same. */
export interface PrintConditions {
  sheet: { widthMm: number; heightMm: number }
  /** where the plate mark is wanted on the sheet */
  plate: { leftMm: number; topMm: number; widthMm: number; heightMm: number }
  /** squeeze at the left and the right end of the plate */
  squeeze: { left: number; right: number }
  damp: number
  stiffness: number
  /** time the plate is wiped for */
  wiping: number
  /** film that fills the deepest line, and film wiping leaves on the surface, µm */
  lineMicrometres: number
  surfaceMicrometres: number
  /** film a drypoint's fresh burr holds beside its lines, µm; other plates have none */
  burrMicrometres?: number
  /** screen colours of films from none to the thickest, three bytes each */
  colours: Uint8Array
}

const bytes = (srgb: string) => [1, 3, 5].map((at) => Number.parseInt(srgb.slice(at, at + 2), 16))
const seconds = ({ steps }: Settings['wipe']) => steps.reduce((sum, step) => sum + step.seconds, 0)

/** Stiffness of a mix on its plate, Pa·s; of an unknown mix, 1. */
function stiffnessOf({ ink }: Settings, shelf: readonly ShelfInk[]): number {
  const mix = firstMix(ink)
  const cold = mixViscosity(mix, shelf)
  return cold === null ? 1 : cold * 2 ** (-inkTemperature(mix.roomC, mix.plateC) / USUAL_CALIBRATION.halvingC)
}

/** Squeeze at one side, MPa; too tight to be solved counts as three times the held one. */
function squeezeOf(
  { press, plate, paper }: Settings,
  side: keyof Pick<PressSetting, 'readingLeft' | 'readingRight'>,
): number | null {
  const squeeze = squeezeAtReading(press, press[side], plate, paper)
  return squeeze === null || squeeze.contact === 'too-tight' ? null : squeeze.peakMPa
}
function squeezeRatio(
  settings: Settings,
  held: Settings,
  side: keyof Pick<PressSetting, 'readingLeft' | 'readingRight'>,
): number {
  const [ours, theirs] = [squeezeOf(settings, side), squeezeOf(held, side)]
  if (ours === null || theirs === null || theirs === 0) return ours === theirs ? 1 : 3
  return ours / theirs
}

/** Colours of the mix by the thickness of its film on the paper. */
function filmColours({ ink }: Settings, shelf: readonly ShelfInk[], paper: readonly number[]): Uint8Array {
  const known = firstMix(ink).parts.flatMap(({ inkId, parts }) => {
    const found = shelf.find(({ id }) => id === inkId)
    return found && parts > 0 ? [{ ink: { name: found.name, k: found.k, s: found.s }, parts }] : []
  })
  return Uint8Array.from(
    Array.from({ length: FILM_STEPS + 1 }, (_, i) => {
      if (known.length === 0 || i === 0) return bytes(describeSpectrum(paper).srgb)
      return bytes(
        predictInk({
          inks: known.map((one) => one.ink),
          parts: known.map(({ parts }) => parts),
          filmMicrometres: (i * THICKEST_MICROMETRES) / FILM_STEPS,
          paper: [...paper],
          surface: USUAL_SURFACE,
          geometry: '45:0',
        }).srgb,
      )
    }).flat(),
  )
}

/** The index of a film in the table of colours. */
export const filmStep = (micrometres: number): number =>
  Math.min(FILM_STEPS, Math.max(0, (micrometres * FILM_STEPS) / THICKEST_MICROMETRES))

/**
 * What a print is made with, from the settings of the bench.
 *
 * @param held settings it is held against: squeeze, dampness, stiffness and wiping are ratios to them
 * @param paper reflectance of the paper
 */
export function printConditions(
  settings: Settings,
  held: Settings,
  shelf: readonly ShelfInk[],
  paper: readonly number[],
): PrintConditions {
  const { wipe } = settings
  const { sheet, plate } = printedLayout(settings, [])
  return {
    sheet,
    plate,
    squeeze: {
      left: squeezeRatio(settings, held, 'readingLeft'),
      right: squeezeRatio(settings, held, 'readingRight'),
    },
    damp: settings.paper.targetUptakePercent / Math.max(1, held.paper.targetUptakePercent),
    stiffness: stiffnessOf(settings, shelf) / stiffnessOf(held, shelf),
    wiping: Math.max(1, seconds(wipe)) / Math.max(1, seconds(held.wipe)),
    burrMicrometres: PLATE_KINDS[settings.plate.kind].hasBurr ? BURR_MICROMETRES : 0,
    lineMicrometres: FILM_THICKNESSES[0].micrometres,
    surfaceMicrometres: WIPED_TO[wipe.plateTone],
    colours: filmColours(settings, shelf, paper),
  }
}
