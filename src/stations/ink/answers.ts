import type { StiffnessCorrection } from '@/core/ink/stiffness'
import { pullsCovered, UNWEIGHED } from '@/core/ink/inkNeed'
import { dropsWanted, isFelt } from '@/core/ink/stiffnessWords'
import { MODIFIERS, recipeGrams, type MixSetting } from '@/core/ink/mix'
import { inkToAdd, type JobNeed } from '@/core/record/jobNeed'
import { SURE } from '@/core/record/sure'
import { counted, plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { listed } from '@/core/units/listed'
import { formatCelsius, formatGrams } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'
import type { Loose } from '../across/bench/useStation'

/** Grams of a mix to put together now: the whole batch, or what it lacks once pulls were made from it. */
function gramsNow(mix: Loose<MixSetting>, need: JobNeed): { grams: number; isMore: boolean } {
  const batch = mix.batchGrams ?? 0
  const isBegun =
    need.mixCovers !== null &&
    need.gramsPerPull !== null &&
    need.mixCovers < pullsCovered(batch, need.gramsPerPull, 0)
  return isBegun ? { grams: inkToAdd(need) ?? 0, isMore: true } : { grams: batch, isMore: false }
}

/** What is put together on the slab, in grams and drops, and whether it is enough. */
export function mixAnswer(mix: Loose<MixSetting>, need: JobNeed): RoomAnswer {
  const parts = mix.parts ?? []
  if (parts.length === 0)
    return {
      says: 'Add the first ink',
      because: 'Colour, stiffness and grams are calculated as inks go in.',
      asks: { words: 'Go to the inks', anchor: 'mix-add' },
    }
  if (!mix.batchGrams)
    return {
      says: 'Enter how much to mix',
      because: 'The grams of each ink follow from it.',
      asks: { words: 'Go to the field', anchor: 'mix-batch' },
    }
  const now = gramsNow(mix, need)
  const grams = recipeGrams({ parts, batchGrams: now.grams > 0 ? now.grams : mix.batchGrams })
  const into = (mix.modifiers ?? [])
    .filter(({ amount }) => amount > 0)
    .map(({ modifier, amount }) => {
      const { label, unit } = MODIFIERS[modifier]
      return `${formatNumber(amount, 2)}${unit === 'grams' ? ' g' : ` ${plural(amount, 'drop', 'drops')}`} of ${label.toLowerCase()}`
    })
  return {
    says: `${mixWords(now)}: ${listed(grams.map((one) => `${formatGrams(one.grams, 1)} ${one.name}`))}`,
    because: [
      into.length > 0 && `${listed(into)} into every ${formatGrams(mix.puddleGrams ?? 0, 1)}.`,
      enoughWords(need),
    ]
      .filter(Boolean)
      .join(' '),
  }
}

/** "Mix 30 g", "Mix 9 g more", or that enough is mixed. */
function mixWords({ grams, isMore }: { grams: number; isMore: boolean }): string {
  if (grams === 0) return 'Enough is mixed'
  return `Mix ${formatGrams(grams, 0)}${isMore ? ' more' : ''}`
}

/** Whether the mix as it was made covers what is still to be pulled. */
function enoughWords({ pulls, mixCovers, grams }: JobNeed): string {
  if (pulls === 0 || mixCovers === null) return ''
  const rest = grams === null ? '' : `, which take ${formatGrams(Math.ceil(grams), 0)}`
  return mixCovers >= pulls
    ? `It covers the ${counted(pulls, 'pull')} to come${rest}.`
    : `◆ It covers ${mixCovers} of the ${counted(pulls, 'pull')} to come${rest}.`
}

/** What makes the mix as stiff today as it was. @param reference "the BAT" @param oilGrams grams the drops go into */
export function stiffnessAnswer(
  correction: StiffnessCorrection,
  { reference, oilGrams, roomC }: { reference: string; oilGrams: number; roomC: number },
): RoomAnswer {
  const { ratio, plateC, isOilCapped } = correction
  const because = `At ${formatCelsius(roomC, 0)} in the room it is ${formatNumber(ratio, 2)} × as stiff as at ${reference}`
  if (!isFelt(correction))
    return { says: `As stiff as at ${reference}: change nothing`, because: `${because}.` }
  if (ratio < 1)
    return {
      says:
        plateC === null
          ? 'Softer than it was: oil cannot come out'
          : `Keep the plate at ${formatCelsius(plateC, 0)}: the ink is softer today`,
      because: `${because}: it wipes easier and leaves more plate tone, a weaker line.`,
    }
  if (isOilCapped)
    return {
      says: plateC === null ? 'Take a softer ink' : `Warm the plate to ${formatCelsius(plateC, 0)}`,
      because: `${because}: more light oil than half the mix would be needed.`,
    }
  const drops = dropsWanted(correction)
  return {
    says: `Add ${counted(drops, 'drop')} of light oil to every ${formatGrams(oilGrams, 1)}`,
    because: `${because}: it would wipe cleaner and harder, with less plate tone.${plateC === null ? '' : ` Or warm the plate to ${formatCelsius(plateC, 0)}.`}`,
  }
}

/** How much to mix. */
export function amountAnswer(need: JobNeed, pullsWords: string): RoomAnswer {
  if (need.pulls === 0) return { says: 'Nothing more to mix', because: 'No pull of this job is to come.' }
  if (need.grams === null || need.gramsPerPull === null)
    return {
      says: 'Set the plate’s size first',
      because: 'The ink of a pull is estimated from it until it is weighed.',
    }
  const more = inkToAdd(need)
  const isBegun = more !== null && (need.mixCovers ?? 0) > 0
  const forThem = `${counted(need.pulls, 'pull')} to come`
  const says =
    more === 0
      ? `The mix covers the ${forThem}`
      : `Mix about ${formatGrams(more ?? 0, 0)} more for the ${forThem}`
  return {
    says: isBegun ? says : `Mix ${formatGrams(Math.ceil(need.grams), 0)} for the ${forThem}`,
    because: `They use up ${formatGrams(Math.ceil(need.grams), 0)}. ${need.isGramsSure ? `Enough ${10 * SURE} times in 10` : `An estimate, ± ${100 * UNWEIGHED} %: weigh it twice`}, at ${formatGrams(need.gramsPerPull, 2)} used up a pull; ${pullsWords}.`,
  }
}

/** Whether the mix can be made again. */
export function cardAnswer(
  mix: Loose<MixSetting>,
  card: { name: string; newest: number } | null,
  /** the version the mix is on, unchanged; null: it is on none */
  onVersion: number | null,
): RoomAnswer {
  if (!mix.parts?.length || !mix.batchGrams)
    return { says: 'Finish the mix first', because: 'A card holds its inks, a batch and a name.' }
  if (onVersion !== null && card)
    return {
      says: `Weigh ${formatGrams(mix.batchGrams, 0)} by version ${onVersion} of “${card.name}”`,
      because: 'The card makes this mix again; each batch is recorded on it.',
    }
  return card
    ? {
        says: `Save the change as version ${card.newest + 1}`,
        because: `The mix is no longer what “${card.name}” says.`,
      }
    : { says: 'Save this mix on a card', because: 'Nobody can make it again from memory.' }
}
