import { findByName, isNamedBefore } from '../units/byName'
import { z } from 'zod'
import { count, label, nonNegative, positive } from '../units/schemas'
import { orderFlow } from './flowOrder'

/** One person of a class or an open day: a plate of their own, how long it is prepared and how long it is at the press. */
export const queuedPersonSchema = z.strictObject({
  name: label,
  prepMinutes: nonNegative.max(600, { error: 'must be at most 600 min' }),
  pressMinutes: positive.max(600, { error: 'must be at most 600 min' }),
  thicknessMm: positive.max(20, { error: 'must be at most 20 mm' }),
})
export type QueuedPerson = z.infer<typeof queuedPersonSchema>

export const queueInput = z
  .strictObject({
    people: z
      .array(queuedPersonSchema)
      .min(1, { error: 'needs at least one person' })
      .max(200, { error: 'takes at most 200 people' }),
    /** places to ink at, and presses */
    places: count.min(1, { error: 'must be 1 or more' }).max(50, { error: 'must be at most 50' }),
    presses: count.min(1, { error: 'must be 1 or more' }).max(10, { error: 'must be at most 10' }),
    /** plates that can be kept warm at once while they are inked; left out: as many as there are places */
    hotplates: count
      .min(1, { error: 'must be 1 or more' })
      .max(50, { error: 'must be at most 50' })
      .optional(),
    /** `soonest` through as a whole; `fair` the same with nobody put back far; `as-they-came` keeps the list's order */
    order: z.enum(['soonest', 'fair', 'as-they-came']),
  })
  .superRefine(({ people }, context) =>
    people.forEach(
      ({ name }, i) =>
        isNamedBefore(people, i) &&
        context.addIssue({ code: 'custom', path: ['people', i, 'name'], message: `${name} is there twice` }),
    ),
  )
export type QueueInput = z.infer<typeof queueInput>

/** A person's turn, minutes from the beginning. */
export interface Turn {
  name: string
  place: number
  press: number
  prepFrom: number
  prepTo: number
  pressFrom: number
  pressTo: number
  /** laid under the plate, so that nobody touches the screws, mm */
  makeReadyMm: number
}

/** The whole queue, and how near it is to the best there can be. */
export interface PressQueue {
  turns: Turn[]
  endMinutes: number
  /** no order can end sooner than this */
  boundMinutes: number
  isExact: boolean
}

/** Serves people in an order: each takes the place that is free first; at the presses whoever is ready first is next. */
function serve(order: readonly QueuedPerson[], places: number, presses: number): Omit<Turn, 'makeReadyMm'>[] {
  const [placeFree, pressFree] = [new Array<number>(places).fill(0), new Array<number>(presses).fill(0)]
  const first = (free: readonly number[]) => free.indexOf(Math.min(...free))
  const turns = order.map(({ name, prepMinutes, pressMinutes }) => {
    const place = first(placeFree)
    const prepFrom = placeFree[place]
    const prepTo = prepFrom + prepMinutes
    placeFree[place] = prepTo
    return { name, place: place + 1, press: 0, prepFrom, prepTo, pressFrom: 0, pressTo: pressMinutes }
  })
  // Of those ready at the same minute the order decides: sorting keeps it.
  for (const turn of turns.toSorted((a, b) => a.prepTo - b.prepTo)) {
    const press = first(pressFree)
    turn.press = press + 1
    turn.pressFrom = Math.max(pressFree[press], turn.prepTo)
    turn.pressTo += turn.pressFrom
    pressFree[press] = turn.pressTo
  }
  return turns
}

const endOf = (turns: readonly { pressTo: number }[]) =>
  turns.reduce((end, { pressTo }) => Math.max(end, pressTo), 0)

/**
 * What no order can beat: the presses' work after the quickest preparation, the places' work before the shortest stay at the
 * press, and the longest single turn.
 */
export function queueBound(people: readonly QueuedPerson[], places: number, presses: number): number {
  const sum = (key: 'prepMinutes' | 'pressMinutes') => people.reduce((total, one) => total + one[key], 0)
  const least = (key: 'prepMinutes' | 'pressMinutes') => Math.min(...people.map((one) => one[key]))
  return Math.max(
    sum('pressMinutes') / presses + least('prepMinutes'),
    sum('prepMinutes') / places + least('pressMinutes'),
    ...people.map(({ prepMinutes, pressMinutes }) => prepMinutes + pressMinutes),
  )
}

/** Rounds of exchanging that are tried at most. */
const MOST_ROUNDS = 6

/** In the fair order nobody has their turn later than this many after the one they came for [common practice, no source]. */
export const MOST_PUT_BACK = 3

/** Takes people out one by one and puts each back where the queue ends soonest, until nothing helps; only orders that are allowed count. */
function improve(
  start: readonly QueuedPerson[],
  places: number,
  presses: number,
  bound: number,
  isAllowed: (order: readonly QueuedPerson[]) => boolean = () => true,
): QueuedPerson[] {
  let best = [...start]
  let end = endOf(serve(best, places, presses))
  for (let round = 0; round < MOST_ROUNDS && end > bound + 1e-9; round++) {
    const before = end
    for (let i = 0; i < best.length && end > bound + 1e-9; i++) {
      const without = best.filter((_, n) => n !== i)
      for (let to = 0; to <= without.length; to++) {
        const tried = [...without.slice(0, to), best[i], ...without.slice(to)]
        const ends = endOf(serve(tried, places, presses))
        if (ends < end - 1e-9 && isAllowed(tried)) {
          best = tried
          end = ends
          break
        }
      }
    }
    if (end >= before - 1e-9) break
  }
  return best
}

/**
 * Queues people at inking places and presses. One place and one press: Johnson's rule (1954), exact. More: Johnson's order on
 * the times a place and a press really have to give, bettered by moving people about, with the bound it stays above.
 *
 * Plates are brought to the thickest one's height by what is laid under each.
 */
export function queuePeople({
  people,
  places: inkingPlaces,
  presses,
  hotplates,
  order,
}: QueueInput): PressQueue {
  // A plate is warm for as long as it is inked, so the scarcer of the two says how many are inked at once.
  const places = Math.min(inkingPlaces, hotplates ?? inkingPlaces)
  const bound = queueBound(people, places, presses)
  const thickest = Math.max(...people.map(({ thicknessMm }) => thicknessMm))
  const johnson = orderFlow({
    tasks: people.map(({ name, prepMinutes, pressMinutes }) => ({
      name,
      prepMinutes: prepMinutes / places,
      pressMinutes: pressMinutes / presses,
    })),
  }).order.map((name) => findByName(people, name)!)
  const alone = places === 1 && presses === 1
  const came = new Map(people.map(({ name }, i) => [name, i]))
  const isFair = (tried: readonly QueuedPerson[]) =>
    tried.every(({ name }, i) => i - came.get(name)! <= MOST_PUT_BACK)
  const orders = {
    'as-they-came': () => people,
    fair: () => improve(people, places, presses, bound, isFair),
    soonest: () => (alone ? johnson : improve(johnson, places, presses, bound)),
  }
  const chosen = orders[order]()
  const served = serve(chosen, places, presses)
  const end = endOf(served)
  const makeReady = new Map(
    people.map(({ name, thicknessMm }) => [name, Math.round((thickest - thicknessMm) * 100) / 100]),
  )
  return {
    turns: served.map((turn) => ({ ...turn, makeReadyMm: makeReady.get(turn.name)! })),
    endMinutes: end,
    boundMinutes: bound,
    isExact: (order === 'soonest' && alone) || end <= bound + 1e-9,
  }
}

/** Who stands where at a moment: at the presses, at the places, and next to begin. */
export function boardAt(
  turns: readonly Turn[],
  minute: number,
): { atPress: Turn[]; preparing: Turn[]; waiting: Turn[]; next: Turn[] } {
  return {
    atPress: turns.filter(({ pressFrom, pressTo }) => pressFrom <= minute && minute < pressTo),
    preparing: turns.filter(({ prepFrom, prepTo }) => prepFrom <= minute && minute < prepTo),
    waiting: turns.filter(({ prepTo, pressFrom }) => prepTo <= minute && minute < pressFrom),
    next: turns
      .filter(({ prepFrom }) => prepFrom > minute)
      .sort((a, b) => a.prepFrom - b.prepFrom)
      .slice(0, 3),
  }
}
