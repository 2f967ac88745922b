import { USUAL_TOLERANCES } from '../tolerance/usualTolerances'
import { formatNumber } from '../units/length'
import { isTimeZone } from '../units/moment'
import { formatCelsius, formatCelsiusStep } from '../units/quantity'
import { z } from 'zod'
import { matchVerdictSchema, scanSchema, type MatchVerdict, type Scan } from '../match/scan'
import { featuresSchema, type Features } from '../prove/features'
import { settingsSchema } from '../prove/settings'
import { finite, label, moment, remark } from '../units/schemas'
import { laterEventSchema, type LaterEvent } from './laterEvent'
import { faultSchema, type Fault } from './fault'
import { layDownSchema, type LayDown } from './layDown'
import { meetingSchema, takenOnRail, type Meeting } from './meeting'
import { wipeTakenSchema, type WipeTaken } from '../wipe/pace'

/** The first reading of most shops: side by side with the BAT (or the proof before). */
export const eyeReadingSchema = z.enum(['lighter', 'same', 'darker'], {
  error: 'expected lighter, same or darker',
})
export type EyeReading = z.infer<typeof eyeReadingSchema>

/** What instruments read at a pull. */
export const QUANTITIES = {
  uptakePercent: {
    label: 'Moisture',
    unit: '%',
    min: 0,
    max: 300,
    tolerance: USUAL_TOLERANCES.uptakePercent,
  },
  plateC: { label: 'Plate temperature', unit: '°C', min: -10, max: 90, tolerance: USUAL_TOLERANCES.plateC },
  tone1: { label: 'Tone, dark spot', unit: 'D', min: 0, max: 4, tolerance: USUAL_TOLERANCES.toneD },
  tone2: { label: 'Tone, bright spot', unit: 'D', min: 0, max: 4, tolerance: USUAL_TOLERANCES.toneD },
  tone3: { label: 'Tone, middle spot', unit: 'D', min: 0, max: 4, tolerance: USUAL_TOLERANCES.toneD },
} as const
export type Quantity = keyof typeof QUANTITIES

/** Units of readings that are written in whichever is read first; a difference of degrees has no zero of its own. */
const WRITTEN: Record<string, { value: typeof formatCelsius; step: typeof formatCelsius } | undefined> = {
  '°C': { value: formatCelsius, step: formatCelsiusStep },
}

/** A reading with its unit. @example writeReading('tone1', 0.82) // '0.82 D' */
export const writeReading = (quantity: Quantity, value: number, digits = 2): string =>
  WRITTEN[QUANTITIES[quantity].unit]?.value(value, digits) ??
  `${formatNumber(value, digits)} ${QUANTITIES[quantity].unit}`

/** How far two readings lie apart, with the unit. */
export const writeDifference = (quantity: Quantity, difference: number, digits = 2): string =>
  WRITTEN[QUANTITIES[quantity].unit]?.step(difference, digits) ??
  `${formatNumber(difference, digits)} ${QUANTITIES[quantity].unit}`

export const QUANTITY_KEYS = Object.keys(QUANTITIES) as [Quantity, ...Quantity[]]

export { REJECT_REASONS } from './fault'
export const FATES = {
  destroyed: 'Destroyed',
  reworked: 'Reworked by hand',
  template: 'Re-used (template, collage)',
  'set-up': 'Kept as set-up sheet',
} as const
export type Fate = keyof typeof FATES

/**
 * What is added to a pull after it was made. A pull is append-only: a later event of the same kind amends the earlier,
 * which stays, and must say why.
 */
export const pullEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('eye'), reading: eyeReadingSchema }),
  z
    .strictObject({
      kind: z.literal('reading'),
      quantity: z.enum(QUANTITY_KEYS),
      value: finite,
      /** of the dry print; left out: of the wet one */ dry: z.literal(true).optional(),
    })
    .superRefine(({ quantity, value }, context) => {
      const { min, max, unit } = QUANTITIES[quantity]
      if (value < min || value > max)
        context.addIssue({
          code: 'custom',
          path: ['value'],
          message: `must be within ${min} and ${max} ${unit}`,
        })
    }),
  /** it was pulled at another moment than was said at first, which is kept here */
  z.strictObject({ kind: z.literal('moment'), was: moment }),
  z.strictObject({ kind: z.literal('wipe'), taken: wipeTakenSchema }),
  /** how plate and sheet came together: the starts of their segments */
  z.strictObject({ kind: z.literal('meeting'), starts: meetingSchema }),
  /** a fault of this print, where and what */
  z.strictObject({ kind: z.literal('fault'), ...faultSchema.shape }),
  /** one meeting of its sheet with the slab, of a monotype */
  z.strictObject({ kind: z.literal('laid'), laid: layDownSchema }),
  /** what differs from the BAT of the features people look at */
  z.strictObject({ kind: z.literal('features'), features: featuresSchema }),
  /** a picture of the impression, and what holding it against the approved proof's came to */
  z.strictObject({ kind: z.literal('scan'), scan: scanSchema }),
  z.strictObject({ kind: z.literal('match'), match: matchVerdictSchema }),
  /** whose print it is, of a class: the name stands on the roster alone */
  z.strictObject({ kind: z.literal('maker'), maker: finite.int().positive() }),
  /** how the plate was struck before its cancellation proof */
  z.strictObject({ kind: z.literal('cancelled'), how: label }),
  /** how long the plate was under the roller */
  z.strictObject({
    kind: z.literal('roller'),
    seconds: finite
      .positive({ error: 'must be more than 0' })
      .max(3600, { error: 'must be at most an hour' }),
  }),
  z.strictObject({
    kind: z.literal('verdict'),
    seen: eyeReadingSchema.nullable(),
    note: remark,
    outcome: z.enum(['keep', 'go-back']),
    features: featuresSchema.default({}),
    /** a picture of the proof */ imageId: label.nullable().default(null),
  }),
  z
    .strictObject({
      kind: z.literal('decision'),
      decision: z.enum(['accepted', 'set-aside', 'rejected']),
      reason: z.string().trim().max(120),
      fate: z.enum(Object.keys(FATES) as [Fate, ...Fate[]]).nullable(),
    })
    .superRefine(({ decision, reason, fate }, context) => {
      if (decision !== 'rejected') return
      if (!reason)
        context.addIssue({ code: 'custom', path: ['reason'], message: 'Choose what is wrong with it.' })
      if (!fate)
        context.addIssue({ code: 'custom', path: ['fate'], message: 'Choose what became of the sheet.' })
    }),
])
export type PullEvent = z.infer<typeof pullEventSchema>

/** An event as kept, of whatever release: with its moment, who, and why if it amends an earlier one. */
export const keptEventSchema = z.strictObject({
  event: z.union([pullEventSchema, laterEventSchema]),
  at: moment,
  by: label,
  why: z.string().max(500).nullable(),
})

export type KeptEvent = z.infer<typeof keptEventSchema>

/** Pull ids serve as idempotency keys and file names, so their shape is narrow. */
export const pullId = z
  .string()
  .regex(/^[A-Za-z0-9-]{1,64}$/, { error: 'must be letters, digits and hyphens' })

/** A time zone by its IANA name; one this machine does not know could not be written out. */
export const timeZone = z
  .string()
  .min(1)
  .max(60)
  .refine(isTimeZone, { error: 'is not a time zone, such as Europe/Lisbon' })

/** Who inked, wiped and laid; null where nobody said. */
export const handsSchema = z.strictObject({
  inked: label.nullable(),
  wiped: label.nullable(),
  laid: label.nullable(),
})
export type Hands = z.infer<typeof handsSchema>

export const PULL_KINDS = {
  proof: 'Proof',
  edition: 'Edition pull',
  warmup: 'Warm-up',
  cancellation: 'Cancellation proof',
} as const
export type PullKind = keyof typeof PULL_KINDS

/** A sheet through the press: what was set, when, by whom, what was expected, and all that was seen after. */
export const pullSchema = z.strictObject({
  id: z.string().min(1),
  /** counts from 1 within its kind */
  number: finite.int().positive(),
  kind: z.enum(Object.keys(PULL_KINDS) as [PullKind, ...PullKind[]]),
  pulledAt: moment,
  zone: timeZone,
  estimated: z.boolean(),
  settings: settingsSchema,
  hands: handsSchema,
  expected: eyeReadingSchema.nullable(),
  expectation: remark,
  /** version of the BAT it was held to; null for proofs before the approval */
  batVersion: finite.int().positive().nullable(),
  events: z.array(keptEventSchema),
})
export type Pull = z.infer<typeof pullSchema>

/** Whether a pull is one of the prints: pulled as one, or a proof of which somebody said what becomes of it. */
export const isPrint = ({ kind, events }: Pick<Pull, 'kind' | 'events'>): boolean =>
  kind === 'edition' || (kind === 'proof' && events.some(({ event }) => event.kind === 'decision'))

/** What makes two events speak of the same thing: the later then amends the earlier. */
export function eventSubject(event: PullEvent | LaterEvent): string {
  if (event.kind === 'later') return `later.${event.was}`
  if (event.kind === 'fault') return `fault.${event.where}.${event.what}`
  if (event.kind === 'laid') return `laid.${event.laid.number}`
  if (event.kind === 'scan') return `scan.${event.scan.dry ? 'dry' : 'wet'}`
  return event.kind === 'reading' ? `reading.${event.quantity}${event.dry ? '.dry' : ''}` : event.kind
}

type EventOf<K extends PullEvent['kind']> = Extract<PullEvent, { kind: K }>

/** A pull as it stands after all its events. */
export interface PullStanding {
  eye: EyeReading | null
  /** of the wet print, and of the dry one: fresh ink reads darker, so the two are never compared */
  readings: Partial<Record<Quantity, number>>
  dryReadings: Partial<Record<Quantity, number>>
  decision: EventOf<'decision'> | null
  verdict: EventOf<'verdict'> | null
  /** what each step of the inking and wiping took */
  wipe: WipeTaken | null
  wipeSeconds: number | null
  rollerSeconds: number | null
  meeting: Meeting | null
  faults: Fault[]
  /** of a monotype, in their order */
  layDowns: LayDown[]
  features: Features
  /** the last picture of the wet print and of the dry one, and what the last comparison came to */
  scans: { wet: Scan | null; dry: Scan | null }
  match: MatchVerdict | null
  /** how the plate was struck */
  cancelled: string | null
  /** whose print it is, of a class; null: nobody's */
  maker: number | null
  /** the moment that was said of it before another; null: none was */
  momentWas: string | null
  /** subjects entered more than once */
  amended: string[]
  /** kinds of events that a later release wrote, and this one does not know */
  later: string[]
}

/** Reads a pull's events, in order: the last word on each subject holds. */
export function readPull({ events }: Pick<Pull, 'events'>): PullStanding {
  const standing: PullStanding = {
    eye: null,
    readings: {},
    dryReadings: {},
    decision: null,
    verdict: null,
    wipe: null,
    wipeSeconds: null,
    rollerSeconds: null,
    meeting: null,
    faults: [],
    layDowns: [],
    features: {},
    scans: { wet: null, dry: null },
    match: null,
    cancelled: null,
    maker: null,
    momentWas: null,
    amended: [],
    later: [],
  }
  const seen = new Set<string>()
  for (const { event } of events) {
    const subject = eventSubject(event)
    if (seen.has(subject) && !standing.amended.includes(subject)) standing.amended.push(subject)
    seen.add(subject)
    if (event.kind === 'eye') standing.eye = event.reading
    else if (event.kind === 'reading')
      (event.dry ? standing.dryReadings : standing.readings)[event.quantity] = event.value
    else if (event.kind === 'decision') standing.decision = event
    else if (event.kind === 'verdict') standing.verdict = event
    else if (event.kind === 'roller') standing.rollerSeconds = event.seconds
    else if (event.kind === 'meeting') standing.meeting = event.starts
    else if (event.kind === 'fault') {
      const { kind: _, ...fault } = event
      standing.faults.push(fault)
    } else if (event.kind === 'laid')
      standing.layDowns = [
        ...standing.layDowns.filter(({ number }) => number !== event.laid.number),
        event.laid,
      ].sort((a, b) => a.number - b.number)
    else if (event.kind === 'features') standing.features = event.features
    else if (event.kind === 'scan') standing.scans[event.scan.dry ? 'dry' : 'wet'] = event.scan
    else if (event.kind === 'match') standing.match = event.match
    else if (event.kind === 'cancelled') standing.cancelled = event.how
    else if (event.kind === 'maker') standing.maker = event.maker
    else if (event.kind === 'moment') standing.momentWas = event.was
    else if (event.kind === 'later') standing.later.push(event.was)
    else standing.wipe = event.taken
  }
  // At the pull desk a wipe is the plate's way to the roller.
  if (standing.wipe === null && standing.meeting?.some(({ rail }) => rail === 'plate'))
    standing.wipe = takenOnRail(standing.meeting, 'plate')
  standing.wipeSeconds = standing.wipe?.reduce((sum, { takenSeconds }) => sum + takenSeconds, 0) ?? null
  return standing
}
