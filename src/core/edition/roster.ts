import { z } from 'zod'
import { queuedPersonSchema, queueInput, queuePeople, type Turn } from '../day/pressQueue'
import { plateKindSchema, type PlateKind } from '../plate/plate'
import { middleReading, type PressSetting } from '../press/pressSetting'
import { isNamedBefore } from '../units/byName'
import { moment, positive } from '../units/schemas'
import { readPull } from './readPull'
import type { Pull } from './pull'

/** How a maker of a class stands. */
export const MAKER_STANDINGS = {
  waiting: 'to come',
  late: 'late: after the others',
  absent: 'not here',
  wiped: 'ended at the wiped plate',
  printed: 'printed',
} as const
export type MakerStanding = keyof typeof MAKER_STANDINGS
const standing = z.enum(Object.keys(MAKER_STANDINGS) as [MakerStanding, ...MakerStanding[]])

/** Somebody of a class, by a first name or a number, with the plate they made. */
export const makerSchema = queuedPersonSchema.extend({
  id: positive.int(),
  /** what the plate is of; null: as the class's plates are */
  kind: plateKindSchema.nullable(),
  standing,
})
export type Maker = z.infer<typeof makerSchema>

/** The whole class: who prints, in the order they came, where and from when, and when the prints go home. */
export const rosterSchema = z
  .strictObject({
    makers: z.array(makerSchema).max(200, { error: 'takes at most 200 people' }),
    startAt: moment,
    places: queueInput.shape.places,
    presses: queueInput.shape.presses,
    order: queueInput.shape.order,
    /** the day the prints are taken home, YYYY-MM-DD; null: not said yet */
    homeOn: z.iso.date({ error: 'is no day' }).nullable(),
    /** ids in the order they begin, worked out when the list was kept; who is not among them follows as listed */
    turns: z.array(positive.int()).max(200).default([]),
    /** the names were taken out: numbers stand in their place */
    isAnonymous: z.boolean().default(false),
  })
  .superRefine(({ makers }, context) => {
    makers.forEach(
      ({ name }, i) =>
        isNamedBefore(makers, i) &&
        context.addIssue({ code: 'custom', path: ['makers', i, 'name'], message: `${name} is there twice` }),
    )
    if (new Set(makers.map(({ id }) => id)).size < makers.length)
      context.addIssue({ code: 'custom', path: ['makers'], message: 'two makers have the same id' })
  })
export type Roster = z.infer<typeof rosterSchema>

/**
 * What is laid under a maker's plate so that it stands as high as the thickest of the class, mm to the hundredth: nobody touches the
 * screws. Who printed already counts, for the press stays as it is; who is not here does not.
 */
export function underPlate({ makers }: Pick<Roster, 'makers'>, thicknessMm: number): number {
  const thickest = Math.max(
    thicknessMm,
    ...makers.filter((maker) => maker.standing !== 'absent').map((maker) => maker.thicknessMm),
  )
  return Math.round((thickest - thicknessMm) * 100) / 100
}

/** A maker's turn, minutes from the beginning of the class. */
export type ClassTurn = Turn & { maker: Maker }

/**
 * The roster with the order its makers begin in, by the order wished. It takes a moment for many people, so it is worked out once, when the
 * list is kept, and not whenever somebody is late.
 */
export function withTurns(roster: Roster): Roster {
  const { makers, places, presses, order } = roster
  if (makers.length === 0) return { ...roster, turns: [] }
  const people = makers.map(({ name, prepMinutes, pressMinutes, thicknessMm }) => ({
    name,
    prepMinutes,
    pressMinutes,
    thicknessMm,
  }))
  const ids = new Map(makers.map(({ name, id }) => [name, id]))
  const { turns } = queuePeople({ people, places, presses, order })
  return {
    ...roster,
    turns: turns.toSorted((a, b) => a.prepFrom - b.prepFrom).map(({ name }) => ids.get(name)!),
  }
}

/** Makers in the order they begin. */
function inTurn({ turns }: Roster, makers: readonly Maker[]): Maker[] {
  const place = new Map(turns.map((id, i) => [id, i]))
  return makers.toSorted((a, b) => (place.get(a.id) ?? makers.length) - (place.get(b.id) ?? makers.length))
}

/**
 * Plans who is still to print. Those who printed stand at the moment they did; those who are here follow by the order wished, then the late
 * ones, who begin no sooner than now. Whoever is not here or ended at the wiped plate takes no place and no press. Nobody goes to a press
 * before now: what ran late moves everything after it.
 *
 * @param printedAt when each printed, by id, ISO 8601 @param now ISO 8601
 * @returns turns still to come, those at a press first
 */
export function planClass(roster: Roster, printedAt: ReadonlyMap<number, string>, now: string): ClassTurn[] {
  const minute = (at: string) => (Date.parse(at) - Date.parse(roster.startAt)) / 60_000
  const nowMinute = Math.max(0, minute(now))
  const is = (wanted: MakerStanding) => roster.makers.filter((maker) => maker.standing === wanted)
  const printed = is('printed')
    .flatMap((maker) => {
      const at = printedAt.get(maker.id)
      return at === undefined ? [] : [{ maker, to: minute(at) }]
    })
    .sort((a, b) => a.to - b.to)
  const placeFree = new Array<number>(roster.places).fill(0)
  const pressFree = new Array<number>(roster.presses).fill(0)
  const first = (free: readonly number[]) => free.indexOf(Math.min(...free))
  for (const { maker, to } of printed) {
    placeFree[first(placeFree)] += maker.prepMinutes
    pressFree[first(pressFree)] = to
  }
  // Whose print was withdrawn is to come again.
  const here = roster.makers.filter(
    ({ id, standing: how }) => how === 'waiting' || (how === 'printed' && !printedAt.has(id)),
  )
  const turns = [...inTurn(roster, here), ...is('late')].map((maker) => {
    const place = first(placeFree)
    const prepFrom = maker.standing === 'late' ? Math.max(placeFree[place], nowMinute) : placeFree[place]
    const prepTo = prepFrom + maker.prepMinutes
    placeFree[place] = prepTo
    return { maker, place: place + 1, prepFrom, prepTo }
  })
  return turns
    .toSorted((a, b) => a.prepTo - b.prepTo)
    .map(({ maker, ...turn }) => {
      const press = first(pressFree)
      const pressFrom = Math.max(pressFree[press], turn.prepTo, nowMinute)
      const pressTo = pressFrom + maker.pressMinutes
      pressFree[press] = pressTo
      return {
        ...turn,
        maker,
        name: maker.name,
        press: press + 1,
        pressFrom,
        pressTo,
        makeReadyMm: underPlate(roster, maker.thicknessMm),
      }
    })
    .toSorted((a, b) => a.pressFrom - b.pressFrom)
}

/** Whose print a pull is; null: nobody's of a class. */
export const makerOf = (pull: Pick<Pull, 'events'>): number | null => readPull(pull).maker

/** Names of the makers by their pulls; nothing where there is no class. */
export function makersByPull(
  roster: Roster | null,
  pulls: readonly Pick<Pull, 'id' | 'events'>[],
): Record<string, string> {
  const makers = new Map(roster?.makers.map((maker) => [maker.id, maker]))
  return Object.fromEntries(
    pulls.flatMap((pull) => {
      const maker = makers.get(makerOf(pull) ?? 0)
      return maker ? [[pull.id, maker.name] as const] : []
    }),
  )
}

/** The setting a kind of plate printed well by, of this class: the next plate of it begins there. */
export function startOfKind(
  kind: PlateKind,
  pulls: readonly Pull[],
): { press: PressSetting; reading: number } | null {
  const pull = pulls.findLast(
    (one) => one.settings.plate.kind === kind && readPull(one).decision?.decision === 'accepted',
  )
  return pull ? { press: pull.settings.press, reading: middleReading(pull.settings.press) } : null
}

/**
 * The press set to the reading a kind of plate printed well by; null: that was on another press or read otherwise, or it stands so already.
 *
 * @param press as it stands
 */
export function pressAsStarted(
  press: PressSetting,
  start: NonNullable<ReturnType<typeof startOfKind>>,
): PressSetting | null {
  const { pressId, scale, readingLeft, readingRight, laterPasses } = start.press
  if (press.pressId !== pressId || press.scale.id !== scale.id) return null
  return start.reading === middleReading(press) ? null : { ...press, readingLeft, readingRight, laterPasses }
}

/** The roster with every name replaced by a number in the order of the list: whose print is whose stays, who they were does not. */
export const withoutNames = (roster: Roster): Roster => ({
  ...roster,
  isAnonymous: true,
  makers: roster.makers.map((maker, i) => ({ ...maker, name: String(i + 1) })),
})
