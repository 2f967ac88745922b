import { middleReading, type PressSetting } from '@/core/press/pressSetting'
import { amountOnScale, readingWords, settable, tightened, wayWords } from '@/core/press/pressureScale'
import {
  asksForMore,
  PRESSURE_VERDICTS,
  stepsForVerdict,
  type LearnedPressure,
  type PressureVerdict,
} from '@/core/press/pressureTrials'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'

/** What is done after a verdict: another reading, or, where nothing can be turned, another packing. */
export interface AfterVerdict {
  words: string
  act: string
  reading: number | null
  makeReadyMm: number | null
}

/** Trials from which a press is said to have a usual of its own. */
const USUAL_FROM = 3
/** A card as one lays it under a plate where nothing can be turned, mm [common practice, no source]. */
const CARD_MM = 0.25

/** How sure the size of a change is, in words. */
function doubtWords({ moves, trials, perVerdictSd }: LearnedPressure, isHand: boolean): string {
  if (moves > 0)
    return `as the last ${counted(moves, 'time')} here, give or take ${formatNumber(perVerdictSd, 1)}`
  if (trials >= USUAL_FROM) return 'as is usual here'
  return `typically; this ${isHand ? 'hand' : 'press'} will teach its own`
}

/** What is left to do where a press or a hand goes no further. */
function atTheEnd(isHand: boolean, isMoreWanted: boolean): string {
  if (isHand) return isMoreWanted ? 'Go over the plate once more.' : 'Go over it fewer times.'
  return isMoreWanted ? 'Lay more under the plate, or a felt more.' : 'Take a felt out.'
}

/** What a verdict asks of this press, in its own readings. */
export function afterVerdict(
  verdict: PressureVerdict,
  press: PressSetting,
  learned: LearnedPressure,
): AfterVerdict {
  const none = { act: '', reading: null, makeReadyMm: null }
  if (!asksForMore(verdict)) return { ...none, words: 'Saved: this is the setting.' }
  const { scale, makeReadyMm } = press
  const at = middleReading(press)
  const steps = stepsForVerdict(verdict, learned)
  const said = `“${PRESSURE_VERDICTS[verdict]}”`
  const way = steps > 0 ? wayWords(scale).more : wayWords(scale).less
  if (scale.id === 'fixed') {
    const to = Math.max(0, Number((makeReadyMm + Math.sign(steps) * CARD_MM).toFixed(2)))
    return to === makeReadyMm
      ? { ...none, words: `${said}: nothing lies under the plate. Take one felt out.` }
      : {
          ...none,
          words: `${said}: one card ${steps > 0 ? 'in' : 'out'} is one change. Print again before the next.`,
          act: `Lay ${formatFine(to, 2)} under the plate`,
          makeReadyMm: to,
        }
  }
  const least = scale.id === 'turns' ? 0.5 : 1
  const to = settable(scale, tightened(scale, at, Math.sign(steps) * Math.max(least, Math.abs(steps))))
  if (to === at)
    return {
      ...none,
      words: `${said}: it goes no ${way}. ${atTheEnd(scale.id === 'hand', steps > 0)}`,
    }
  return {
    ...none,
    words: `${said}: ${amountOnScale(scale, to - at)} ${way}, ${doubtWords(learned, scale.id === 'hand')}.`,
    act: `Set ${scale.sides === 2 ? 'both to ' : ''}${readingWords(scale, to)}`,
    reading: to,
  }
}
