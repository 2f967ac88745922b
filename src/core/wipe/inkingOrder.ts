import { plural } from '../units/counted'
/** One ink of a plate that is inked with several, as the order sees it. */
export interface PoupeeInk {
  name: string
  /** lightness of a middling film on the paper, L* 0…100 */
  lightness: number
  /** how well such a film covers what is under it: contrast ratio, 0…1 */
  cover: number
  /** how much a trace of it shows, 0…1 */
  strength: number
  /** filled in last, into what is left */
  isFiller: boolean
}

/** The border two inks share, over all their zones. */
export interface InkBorder {
  a: number
  b: number
  lengthMm: number
  /** share of it that is feathered, where a slip is part of the work, 0…1 */
  feathered: number
}

/** The border an ink shares with a place kept white: nothing covers a slip there. */
export interface WhiteBorder {
  ink: number
  lengthMm: number
  /** 0…1 */
  feathered: number
}

/** Weights of the order's cost, chosen so that the usual sayings of the trade come out [common practice, no source; values from memory]. */
export const ORDER_WEIGHTS = {
  /** of a slip wiped off an empty neighbour this much stays, plus this much more times its strength */
  stain: 0.1,
  stainStrength: 0.3,
  /** an ink dabbed beside a finished neighbour slips this much as far as one with room */
  beside: 0.35,
  /** and this much of it stays, plus this much more times its strength, since the neighbour must not be wiped away */
  spoil: 0.3,
  spoilStrength: 0.5,
  /** a feathered border forgives this share of a slip */
  forgiven: 0.7,
  /** a filler before another ink costs this much, as if that length of border (share of all borders) were spoiled outright */
  filler: 1,
  /** a slip into a white is cleaned off, and what is on the plate by then is at risk: with all the others on it, this much of the border */
  white: 1,
} as const

/** What goes wrong at one border when `first` is inked before `second`. */
export interface PairRisk {
  first: number
  second: number
  lengthMm: number
  /** cost of this order of the two, mm of border spoiled outright */
  cost: number
  /** cost the other way round */
  otherWay: number
  /** what makes the larger part of it, in words */
  why: string
}

/** How much a slip of one ink shows in another's colour, 0…1: a dark one in a light one, by the film's own covering the other way. */
function shows(slip: PoupeeInk, on: PoupeeInk): number {
  const darker = (on.lightness - slip.lightness) / 100
  return darker >= 0 ? Math.min(1, 0.1 + darker) : Math.min(1, 0.1 + -darker) * slip.cover
}

/**
 * Cost of inking `first` before `second` along one border, in mm of border spoiled outright:
 *
 *     length · (1 − forgiven · feathered) · [ shows(first on second) · stain(first) · (1 − hidden)   the first one's slip, wiped off bare plate, covered by the second
 *                                            + beside · shows(second on first) · spoil(second) ]       the second one's slip into a finished colour
 *
 * where hidden = cover of the second, or all but a tenth of it where the second is the darker. [common practice, no source]
 */
function pairCost(
  first: PoupeeInk,
  second: PoupeeInk,
  { lengthMm, feathered }: Pick<InkBorder, 'lengthMm' | 'feathered'>,
): { early: number; late: number; cost: number } {
  const { stain, stainStrength, beside, spoil, spoilStrength, forgiven } = ORDER_WEIGHTS
  const hidden = second.lightness < first.lightness ? Math.max(second.cover, 0.9) : second.cover
  const scale = lengthMm * (1 - forgiven * feathered)
  const early = scale * shows(first, second) * (stain + stainStrength * first.strength) * (1 - hidden)
  const late = scale * beside * shows(second, first) * (spoil + spoilStrength * second.strength)
  return { early, late, cost: early + late }
}

/** How much of an ink's border with a white shows once it has slipped, in mm of border spoiled outright. */
function whiteAtRisk(ink: PoupeeInk, { lengthMm, feathered }: WhiteBorder): number {
  const { forgiven } = ORDER_WEIGHTS
  return lengthMm * (1 - forgiven * feathered) * Math.min(1, 0.1 + (100 - ink.lightness) / 100)
}

/**
 * What whites cost whatever the order: of each slip wiped off bare plate the ink's stain stays, mm of border spoiled outright.
 *
 * @example whiteCost([black], []) // 0
 */
export const whiteCost = (inks: readonly PoupeeInk[], whites: readonly WhiteBorder[]): number =>
  whites.reduce((sum, white) => {
    const ink = inks[white.ink]
    return sum + whiteAtRisk(ink, white) * (ORDER_WEIGHTS.stain + ORDER_WEIGHTS.stainStrength * ink.strength)
  }, 0)

/**
 * Costs of every ordered pair: `costs[i][j]` when i is inked before j, borders, whites and fillers together. An ink beside a white goes
 * early: whatever is on the plate before it may be wiped away while the white is cleaned.
 */
export function pairCosts(
  inks: readonly PoupeeInk[],
  borders: readonly InkBorder[],
  whites: readonly WhiteBorder[] = [],
): number[][] {
  const all = [...borders, ...whites].reduce((sum, { lengthMm }) => sum + lengthMm, 0)
  const costs = inks.map((first) =>
    inks.map((second) =>
      first !== second && first.isFiller && !second.isFiller ? ORDER_WEIGHTS.filler * Math.max(1, all) : 0,
    ),
  )
  for (const border of borders) {
    costs[border.a][border.b] += pairCost(inks[border.a], inks[border.b], border).cost
    costs[border.b][border.a] += pairCost(inks[border.b], inks[border.a], border).cost
  }
  const others = Math.max(1, inks.length - 1)
  for (const white of whites)
    for (const [before] of inks.entries())
      if (before !== white.ink)
        costs[before][white.ink] += (ORDER_WEIGHTS.white * whiteAtRisk(inks[white.ink], white)) / others
  return costs
}

/** Cost of a whole order: the sum over every pair in it. */
export function orderCost(order: readonly number[], costs: readonly (readonly number[])[]): number {
  return order.reduce(
    (sum, first, i) => order.slice(i + 1).reduce((more, second) => more + costs[first][second], sum),
    0,
  )
}

/** Most inks the exact search takes. */
export const MOST_INKS = 12

/**
 * The cheapest order of inks, exactly, by going through sets of inks already on the plate (Held & Karp 1962: what comes
 * first costs the same whatever its own order was). Of equally cheap orders the one nearest to that of the list is taken.
 *
 * @throws RangeError beyond 12 inks
 */
export function proposeOrder(
  inks: readonly PoupeeInk[],
  borders: readonly InkBorder[],
  whites: readonly WhiteBorder[] = [],
): { order: number[]; cost: number } {
  const n = inks.length
  if (n > MOST_INKS) throw new RangeError(`an order of at most ${MOST_INKS} inks can be reckoned`)
  const costs = pairCosts(inks, borders, whites)
  const best = new Float64Array(1 << n).fill(Infinity)
  const last = new Int8Array(1 << n)
  best[0] = 0
  for (let set = 0; set < 1 << n; set++) {
    for (let next = 0; next < n; next++) {
      if (set & (1 << next)) continue
      let cost = best[set]
      for (let before = 0; before < n; before++) if (set & (1 << before)) cost += costs[before][next]
      const grown = set | (1 << next)
      if (cost < best[grown] - 1e-12 || (cost <= best[grown] + 1e-12 && next > last[grown])) {
        best[grown] = cost
        last[grown] = next
      }
    }
  }
  const order: number[] = []
  for (let set = (1 << n) - 1; set > 0; set &= ~(1 << last[set])) order.unshift(last[set])
  return { order, cost: best[(1 << n) - 1] + whiteCost(inks, whites) }
}

/** The risk at each border for an order, the largest first, with the other way round beside it. */
export function orderRisks(
  order: readonly number[],
  inks: readonly PoupeeInk[],
  borders: readonly InkBorder[],
): PairRisk[] {
  return borders
    .map((border) => {
      const [first, second] =
        order.indexOf(border.a) < order.indexOf(border.b) ? [border.a, border.b] : [border.b, border.a]
      const { early, late, cost } = pairCost(inks[first], inks[second], border)
      const why =
        early > late
          ? `a slip of ${inks[first].name} shows through ${inks[second].name}`
          : `${inks[second].name} slips into finished ${inks[first].name}`
      return {
        first,
        second,
        lengthMm: border.lengthMm,
        cost,
        otherWay: pairCost(inks[second], inks[first], border).cost,
        why,
      }
    })
    .sort((a, b) => b.cost - a.cost)
}

/** What is at risk at an ink's border with whites, where it stands and where it would stand first. */
export interface WhiteRisk {
  ink: number
  lengthMm: number
  /** mm of border spoiled outright */
  cost: number
  ifFirst: number
}

/** The risk beside every white for an order, the largest first. */
export function whiteRisks(
  order: readonly number[],
  inks: readonly PoupeeInk[],
  whites: readonly WhiteBorder[],
): WhiteRisk[] {
  const others = Math.max(1, inks.length - 1)
  return whites
    .map((white) => {
      const ifFirst = whiteCost(inks, [white])
      const late =
        (ORDER_WEIGHTS.white * whiteAtRisk(inks[white.ink], white) * order.indexOf(white.ink)) / others
      return { ink: white.ink, lengthMm: white.lengthMm, cost: ifFirst + late, ifFirst }
    })
    .sort((a, b) => b.cost - a.cost)
}

/** Why an ink stands where it does, in the shop's words. */
export function whyThere(
  at: number,
  order: readonly number[],
  inks: readonly PoupeeInk[],
  borders: readonly InkBorder[],
  whites: readonly WhiteBorder[] = [],
): string {
  const ink = order[at]
  const isBesideWhite = whites.some((white) => white.ink === ink)
  if (isBesideWhite && inks[ink].isFiller)
    return 'a filler: into what is left; it meets a place kept white, so dab it away from there and clean that last'
  if (isBesideWhite)
    return `${at === 0 ? 'first' : 'as early as it can'}: beside a place kept white; dab it away from there, and clean its slips off before the next colour`
  if (inks[ink].isFiller) return 'a filler: into what is left'
  const neighbours = borders.flatMap(({ a, b }) => {
    if (a === ink) return [b]
    if (b === ink) return [a]
    return []
  })
  if (neighbours.length === 0) return 'meets no other ink: whenever it suits'
  const later = neighbours.filter((other) => order.indexOf(other) > at)
  const covering = later.filter((other) => inks[other].lightness < inks[ink].lightness)
  if (covering.length > 0)
    return `early: ${covering.map((other) => inks[other].name).join(', ')} ${plural(covering.length, 'is darker and covers', 'are darker and cover')} its slips`
  if (later.length > 0) return 'early: any overlap still wipes off'
  return 'late: it covers what slipped before, and is dabbed with care'
}
