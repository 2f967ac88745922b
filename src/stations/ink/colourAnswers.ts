import { formatNumber } from '@/core/units/length'
import { listed } from '@/core/units/listed'
import { formatGrams } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'

/** How near a colour difference is, as the eye has it [thresholds from memory: 1 is just seen side by side, 3 across a table]. */
export function nearness(deltaE00: number): string {
  if (deltaE00 < 1) return 'hardly seen side by side'
  if (deltaE00 < 3) return 'seen side by side, not across a room'
  return 'seen at once'
}

/** A found recipe, as far as its answer needs it. */
interface Found {
  parts: readonly { ink: { name: string }; grams: number }[]
  totalGrams: number
  deltaE00: number
}

/** ΔE00 from which a match is no match. */
const FAR = 3

/** The nearest recipe, or what has to be chosen before one is looked for. */
export function matchAnswer(target: { name: string } | null, recipes: readonly Found[] | null): RoomAnswer {
  if (!target)
    return {
      says: 'Choose the colour to match',
      because: 'A measured patch, a spot in a picture, or another card.',
    }
  const [best] = recipes ?? []
  if (!best)
    return {
      says: `Find recipes for ${target.name}`,
      because: 'From the inks of the shelf, weighed to the step of your scale.',
    }
  if (best.deltaE00 > FAR)
    return {
      says: `No recipe from this shelf comes near: ΔE ${formatNumber(best.deltaE00, 1)}`,
      because: 'Another ink, or another film, would be needed.',
    }
  return {
    says: `Nearest: ${listed(best.parts.map(({ ink, grams }) => `${formatGrams(grams, 1)} ${ink.name}`))}`,
    because: `ΔE ${formatNumber(best.deltaE00, 1)} from ${target.name}: ${nearness(best.deltaE00)}. A forecast: pull a dab before you trust it.`,
  }
}

/** What was found for a batch. */
interface Correction {
  deltaE00Before: number
  deltaE00After: number
}

/** What to add to a batch, or that it is good as it is. @param off ΔE00 of the batch as read; null: not read yet @param limit what is good enough */
export function correctAnswer(
  target: { name: string },
  off: number | null,
  limit: number,
  correction: Correction | null,
  add: readonly { name: string; grams: number }[],
): RoomAnswer {
  if (off === null)
    return {
      says: 'Draw the batch down and read it',
      because: `It is held against ${target.name}, and what is missing is calculated.`,
    }
  const is = `ΔE ${formatNumber(off, 2)} from ${target.name}`
  if (off <= limit)
    return { says: 'Print with it: the batch is near enough', because: `${is}: ${nearness(off)}.` }
  if (!correction)
    return {
      says: `The batch is off by ΔE ${formatNumber(off, 1)}`,
      because: `${is}: ${nearness(off)}. Find the smallest correction.`,
    }
  if (add.length === 0)
    return { says: 'No addition brings it nearer', because: `${is}. Mix fresh, or accept it.` }
  return {
    says: `Add ${listed(add.map(({ name, grams }) => `${formatGrams(grams, 2)} ${name}`))}`,
    because: `Brings it from ΔE ${formatNumber(correction.deltaE00Before, 2)} to ${formatNumber(correction.deltaE00After, 2)}. Ink can only be added.`,
  }
}
