import type { MatchVerdict, Scan } from '../match/scan'
import type { Features } from '../prove/features'
import type { WipeTaken } from '../wipe/pace'
import type { Fault } from './fault'
import type { LaterEvent } from './laterEvent'
import type { LayDown } from './layDown'
import { takenOnRail, type Meeting } from './meeting'
import type { EyeReading, Pull, PullEvent } from './pull'
import type { Quantity } from './quantities'

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

/** What each kind of event says of a pull, after those before it. */
const SAYS: {
  [K in (PullEvent | LaterEvent)['kind']]: (
    standing: PullStanding,
    event: Extract<PullEvent | LaterEvent, { kind: K }>,
  ) => void
} = {
  eye: (standing, { reading }) => (standing.eye = reading),
  reading: (standing, { dry, quantity, value }) =>
    ((dry ? standing.dryReadings : standing.readings)[quantity] = value),
  decision: (standing, decision) => (standing.decision = decision),
  verdict: (standing, verdict) => (standing.verdict = verdict),
  roller: (standing, { seconds }) => (standing.rollerSeconds = seconds),
  meeting: (standing, { starts }) => (standing.meeting = starts),
  fault: (standing, { kind: _, ...fault }) => standing.faults.push(fault),
  laid: (standing, { laid }) =>
    (standing.layDowns = [...standing.layDowns.filter(({ number }) => number !== laid.number), laid].sort(
      (a, b) => a.number - b.number,
    )),
  features: (standing, { features }) => (standing.features = features),
  scan: (standing, { scan }) => (standing.scans[scan.dry ? 'dry' : 'wet'] = scan),
  match: (standing, { match }) => (standing.match = match),
  cancelled: (standing, { how }) => (standing.cancelled = how),
  maker: (standing, { maker }) => (standing.maker = maker),
  moment: (standing, { was }) => (standing.momentWas = was),
  later: (standing, { was }) => standing.later.push(was),
  wipe: (standing, { taken }) => (standing.wipe = taken),
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
    const says = SAYS[event.kind] as (standing: PullStanding, event: PullEvent | LaterEvent) => void
    says(standing, event)
  }
  // At the pull desk a wipe is the plate's way to the roller.
  if (standing.wipe === null && standing.meeting?.some(({ rail }) => rail === 'plate'))
    standing.wipe = takenOnRail(standing.meeting, 'plate')
  standing.wipeSeconds = standing.wipe?.reduce((sum, { takenSeconds }) => sum + takenSeconds, 0) ?? null
  return standing
}
