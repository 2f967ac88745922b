import type { MakingStep } from './making'
import type { Procedure, ProcedureStep } from './procedure'
import { procedureFor } from './procedures'

/** A black wider than this has no walls to hold its ink: without a tooth it prints grey [common practice, no source: half a millimetre]. */
export const NEEDS_SCREEN_MM = 0.5
/** How much longer the floor is hardened than the image was exposed [common practice, no source: three to five times]. */
const HARDEN_TIMES = 4

/** What a plate is exposed for, seconds. */
export interface Exposures {
  /** aquatint screen, before the film; null: none is wanted */
  screenSeconds: number | null
  imageSeconds: number
}

/** How long the floor is hardened without film, s. */
export const hardenSeconds = (imageSeconds: number): number => HARDEN_TIMES * imageSeconds

const minutesOf = (seconds: number): number => Number((seconds / 60).toFixed(3))
const secondsOf = (minutes: number): number => Math.round(60 * minutes)

/** Ids of the steps whose times a wedge tells. */
const STEP = { wedge: 'wedge', screen: 'screen', film: 'film', image: 'expose', harden: 'harden' } as const

const screenStep = (seconds: number): ProcedureStep => ({
  id: STEP.screen,
  title: 'Expose the screen',
  how: 'The aquatint screen alone, image to the polymer, under vacuum or heavy glass. Then the screen off and the film on, in yellow light.',
  needs: ['aquatint screen', 'UV unit', 'glass'],
  minutes: minutesOf(seconds),
  check: '',
  rescues: ['Large blacks still print grey: the next one a step longer under the screen.'],
  hazard: 'uv',
})

/**
 * The photopolymer's way of making with the times of a wedge in it: the wedge is behind, the screen comes before the film where it is
 * wanted, and the floor is hardened four times as long as the image.
 */
export function exposureProcedure({ screenSeconds, imageSeconds }: Exposures): Procedure {
  const usual = procedureFor('photopolymer')
  const times: Partial<Record<string, number>> = {
    [STEP.image]: minutesOf(imageSeconds),
    [STEP.harden]: minutesOf(hardenSeconds(imageSeconds)),
  }
  const steps = usual.steps
    .filter(({ id }) => id !== STEP.wedge)
    .flatMap((step): ProcedureStep[] => {
      const timed = { ...step, minutes: times[step.id] ?? step.minutes }
      return step.id === STEP.film && screenSeconds !== null ? [screenStep(screenSeconds), timed] : [timed]
    })
  return { ...usual, steps }
}

/** Whether a step of a making is the image's exposure, and was done. */
export const isExposed = ({ id, standing }: Pick<MakingStep, 'id' | 'standing'>): boolean =>
  id === STEP.image && standing === 'done'

/** What a plate that was made was exposed for, read back from the procedure it was made by; null: it says nothing of it. */
export function exposuresOf({ steps }: Pick<Procedure, 'steps'>): Exposures | null {
  const of = (id: string) => steps.find((step) => step.id === id)
  const image = of(STEP.image)
  const screen = of(STEP.screen)
  if (!image || image.minutes <= 0) return null
  return {
    screenSeconds: screen && screen.minutes > 0 ? secondsOf(screen.minutes) : null,
    imageSeconds: secondsOf(image.minutes),
  }
}
