import { z } from 'zod'
import { finite, label, moment, positive, remark } from '../units/schemas'
import { amountOnScale, type PressureScale, type WayOfReading } from './pressureScale'
import { pressureScaleSchema } from './pressureScaleSchema'
import { USUAL_SCALES } from './usualScales'
import { type PressKind } from './pressKind'
import { PRESS_KINDS } from './pressKindNames'
import { screwLead, screwLeadInput } from './screwLead'
import { STRIPS, type Strip } from './settingRoute'

/** How a press of each kind is usually read; the first is offered. */
export const READ_BY: Record<PressKind, readonly [WayOfReading, ...WayOfReading[]]> = {
  'two-screw': ['turns', 'gauge', 'feel', 'notches', 'fixed'],
  'single-screw': ['turns', 'gauge', 'notches', 'feel', 'fixed'],
  geared: ['gauge', 'wheel', 'notches', 'turns', 'feel'],
  'kitchen-roller': ['notches', 'turns', 'gauge', 'feel', 'fixed'],
  baren: ['hand'],
  'rolling-pin': ['hand'],
}

/** How a press of a kind is read before anybody said otherwise. */
export const usualScaleOf = (kind: PressKind): PressureScale => {
  const scale = USUAL_SCALES[READ_BY[kind][0]]
  return kind === 'single-screw' ? { ...scale, sides: 1 } : scale
}

/** A kind as earlier releases kept it: all that was printed by hand was one. */
const keptKind = (kind: unknown): unknown => (kind === 'hand' ? 'baren' : kind)

/** Lead of a press as it is known: the thread of its screws, or millimetres a turn as measured ("2.5 mm"). */
export const leadSchema = z.strictObject({ thread: z.string() }).transform(({ thread }, context) => {
  const measured = /^(\d+(?:[.,]\d+)?)\s*mm(?:\s*a turn)?$/i.exec(thread.trim())
  if (measured) {
    const mmPerTurn = Number(measured[1].replace(',', '.'))
    if (mmPerTurn > 0 && mmPerTurn <= 20) return { mmPerTurn }
    context.addIssue({
      code: 'custom',
      path: ['thread'],
      message: 'a turn moves more than 0 and at most 20 mm',
    })
    return z.NEVER
  }
  const known = screwLeadInput.safeParse({ thread })
  if (known.success) return screwLead(known.data)
  context.addIssue({
    code: 'custom',
    path: ['thread'],
    message: `${known.error.issues[0].message}, or millimetres a turn as "2.5 mm"`,
  })
  return z.NEVER
})

/** What is said of a press on its card and may be mended later. */
export const pressDetailsSchema = z.strictObject({
  kind: z
    .preprocess(keptKind, z.enum(Object.keys(PRESS_KINDS) as [PressKind, ...PressKind[]]))
    .default('two-screw'),
  rollerLengthMm: positive.max(3000, { error: 'must be at most 3000 mm' }).nullable().default(null),
  bedLengthMm: positive.max(6000, { error: 'must be at most 6000 mm' }).nullable().default(null),
  serial: z.string().trim().max(60, { error: 'must be at most 60 characters' }).default(''),
  /** as it is written on the screw; '': not known, or no screw */
  thread: z.string().trim().max(60, { error: 'must be at most 60 characters' }).default(''),
  scale: pressureScaleSchema,
  /** null: taken as rigid */
  frameNPerMm: positive.max(1e8, { error: 'must be at most 100000000 N/mm' }).nullable().default(null),
  note: remark,
})
export type PressDetails = z.infer<typeof pressDetailsSchema>

/** What a light press wants done, and how often in days [common practice, no source]. */
export const UPKEEP = {
  screws: { label: 'Set screws of wheel and roller tight', days: 90 },
  stops: { label: 'Bed stops hold at both ends', days: 90 },
  anchor: { label: 'Anchored, or on its tacky mat: a light press walks', days: 180 },
  clean: { label: 'Roller and bed cleaned, no rust', days: 30 },
  grease: { label: 'Screws, gears and bearings greased', days: 180 },
} as const
export type UpkeepTask = keyof typeof UPKEEP

const strip = z.enum(Object.keys(STRIPS) as [Strip, ...Strip[]])

/** What is written on a press's card as it happens; nothing on it is ever changed. */
export const pressEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('zeroed') }),
  z.strictObject({ kind: z.literal('strips'), left: strip, middle: strip, right: strip }),
  /** by how much the right had to be tightened for an even test print, as this press is read; below zero: the left. Named as the first presses were read. */
  z.strictObject({
    kind: z.literal('even-print'),
    rightTighterTurns: finite
      .min(-50, { error: 'must be within −50 and 50' })
      .max(50, { error: 'must be within −50 and 50' }),
  }),
  z.strictObject({ kind: z.literal('test-print'), note: remark, imageId: label.nullable() }),
  z.strictObject({
    kind: z.literal('upkeep'),
    task: z.enum(Object.keys(UPKEEP) as [UpkeepTask, ...UpkeepTask[]]),
  }),
])
export type PressEvent = z.infer<typeof pressEventSchema>
export const keptPressEventSchema = z.strictObject({ event: pressEventSchema, at: moment, by: label })
export type KeptPressEvent = z.infer<typeof keptPressEventSchema>

/** Steps one side has drifted since zero: beyond this the press wants zeroing anew [common practice, no source]. */
const DRIFTED_STEPS = 0.5

/** What a press's card says today. */
export interface PressStanding {
  zeroedAt: string | null
  /** what parallel checks since the last zeroing add up to, turns the right must be tightened; null: no check by print since */
  driftTurns: number | null
  strips: Extract<PressEvent, { kind: 'strips' }> | null
  testPrint: { at: string; note: string; imageId: string | null } | null
  due: { task: UpkeepTask; label: string; overdueDays: number | null }[]
  remarks: string[]
}

/** Reads a press's events, oldest first. @param now today @param scale how it is read */
export function readPressCard(
  events: readonly KeptPressEvent[],
  now: string,
  scale: PressureScale,
): PressStanding {
  const zeroedAt = events.findLast(({ event }) => event.kind === 'zeroed')?.at ?? null
  const since = events.filter(({ at }) => zeroedAt === null || at > zeroedAt)
  const prints = since.flatMap(({ event }) => (event.kind === 'even-print' ? [event.rightTighterTurns] : []))
  const strips = since.flatMap(({ event }) => (event.kind === 'strips' ? [event] : [])).at(-1) ?? null
  const test = events.findLast(({ event }) => event.kind === 'test-print')
  const driftTurns = prints.length > 0 ? prints.reduce((sum, turns) => sum + turns, 0) : null
  // A hand has no screws to look after.
  const tasks = scale.id === 'hand' ? [] : (Object.keys(UPKEEP) as UpkeepTask[])
  const due = tasks.flatMap((task) => {
    const done = events.findLast(({ event }) => event.kind === 'upkeep' && event.task === task)
    const overdue = done
      ? Math.floor((Date.parse(now) - Date.parse(done.at)) / 86_400_000) - UPKEEP[task].days
      : null
    return overdue === null || overdue > 0 ? [{ task, label: UPKEEP[task].label, overdueDays: overdue }] : []
  })
  return {
    zeroedAt,
    driftTurns,
    strips,
    due,
    testPrint:
      test?.event.kind === 'test-print'
        ? { at: test.at, note: test.event.note, imageId: test.event.imageId }
        : null,
    remarks:
      driftTurns !== null && Math.abs(driftTurns) > DRIFTED_STEPS * scale.step
        ? [
            `The ${driftTurns > 0 ? 'right' : 'left'} side has had to be tightened by ${amountOnScale(scale, driftTurns)} since zero: zero both sides anew.`,
          ]
        : [],
  }
}
