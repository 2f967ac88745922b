import { exposureInput, planExposure, USUAL_STEP_DENSITY } from '@/core/plate/exposure'
import { hardenSeconds, NEEDS_SCREEN_MM, type Exposures } from '@/core/plate/exposurePlan'
import { clock } from '@/core/units/clock'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'

/** A plate's exposure while it is planned. */
export interface ExposureBench {
  seconds: number | null
  held: number | null
  wanted: number | null
  stepDensity: number | null
  /** null: as the artwork asks */
  wantsScreen: boolean | null
  /** the screen's own darkest strip, s; null: as long as the image */
  screenSeconds: number | null
}
export type WedgeField = 'seconds' | 'held' | 'wanted' | 'stepDensity'

/** A wedge nobody has exposed yet. */
export const UNEXPOSED: ExposureBench = {
  seconds: null,
  held: null,
  wanted: 7,
  stepDensity: USUAL_STEP_DENSITY,
  wantsScreen: null,
  screenSeconds: null,
}

const LONGEST_S = 36_000
const isWithin = (seconds: number) => seconds > 0 && seconds <= LONGEST_S

/** The bench read: its times, whether a screen is wanted and why, and what is wrong at which field. */
export function readExposure(bench: ExposureBench, widestDarkMm: number | null) {
  const { wantsScreen, screenSeconds, seconds, held, wanted, stepDensity } = bench
  const input = exposureInput.safeParse({ seconds, held, wanted, stepDensity })
  const image = input.success ? Math.round(planExposure(input.data)) : null
  const isAsked = widestDarkMm === null || widestDarkMm > NEEDS_SCREEN_MM
  const hasScreen = wantsScreen ?? isAsked
  const isScreenOff = hasScreen && screenSeconds !== null && !isWithin(screenSeconds)
  const times: Exposures | null =
    image === null || !isWithin(image) || isScreenOff
      ? null
      : { imageSeconds: image, screenSeconds: hasScreen ? Math.round(screenSeconds ?? image) : null }
  return {
    times,
    hasScreen,
    problemAt: (field: WedgeField) => {
      // What nobody entered yet is asked by the answer above, and not held against anybody.
      if (input.success || bench[field] === null) return undefined
      return input.error.issues.find(({ path }) => path[0] === field)?.message
    },
    screenProblem: isScreenOff ? `must be more than 0 and at most ${LONGEST_S} s` : undefined,
  }
}

/** Why a screen is wanted, or not, from the widest black of the artwork. */
export function screenWords(widestDarkMm: number | null): string {
  if (widestDarkMm === null)
    return `No artwork is read here: a screen is wanted where a black is wider than ${formatFine(NEEDS_SCREEN_MM, 1)}, or it prints grey.`
  const widest = `The widest black of the artwork is ${formatFine(widestDarkMm, 1)}`
  return widestDarkMm > NEEDS_SCREEN_MM
    ? `${widest}: without a screen it has no tooth, and prints grey.`
    : `${widest}: its walls hold the ink, and no screen is wanted.`
}

/** How long, in which order, and by what. */
export function exposureAnswer(times: Exposures | null, bench: ExposureBench): RoomAnswer {
  if (!times)
    return {
      says: 'Expose a step wedge on an offcut',
      because: 'Wash it out, and enter how long it was exposed and the last step that held.',
      asks: { words: 'Go to the wedge', anchor: 'wedge-seconds' },
    }
  const { screenSeconds, imageSeconds } = times
  return {
    says: `${screenSeconds === null ? 'Image' : `Screen ${clock(screenSeconds)}, then image`} ${clock(imageSeconds)}`,
    figure: 'exposure',
    because: `Step ${bench.held} held at ${formatNumber(bench.seconds!, 0)} s, and step ${bench.wanted} is wanted. Wash about a minute, dry, then ${clock(hardenSeconds(imageSeconds))} without film.`,
  }
}
