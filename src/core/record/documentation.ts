import { PRINT_KINDS, type PrintKind } from '../dry/editionNumbers'
import { readPull, type Pull } from '../edition/pull'
import { PLATE_KINDS, romanNumeral } from '../plate/plate'
import { STATIONS, type Bench } from '../prove/settings'
import { settingEntries } from '../prove/settingEntries'
import { formatMm, formatNumber } from '../units/length'
import type { Bat, Drying, Print } from './jobFile'

/** What the documentation sheet is written from. */
export interface DocumentedJob {
  title: string
  artist: string
  editionSize: number
  bench: Bench
  plateStates: { state: number; note: string; openedAt: string }[]
  pulls: Pull[]
  bats: Bat[]
  prints: Print[]
  dryings: Drying[]
}

/** A documentation sheet: the same for the page and for the PDF. */
export interface Documentation {
  title: string
  subtitle: string
  sections: { heading: string; rows: { label: string; value: string }[] }[]
  impressions: { mark: string; moment: string; hands: string; eye: string; note: string }[]
}

const day = (moment: string) => moment.slice(0, 10)

/** A moment as it is copied onto a sheet: date, 24-hour time, zone. */
export function writeMoment(pulledAt: string, zone: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).formatToParts(new Date(pulledAt))
  const part = (type: string) => parts.find((candidate) => candidate.type === type)?.value ?? ''
  return `${part('year')}-${part('month')}-${part('day')} ${part('hour')}:${part('minute')} ${zone}`
}

const writeHands = ({ inked, wiped, laid }: Pull['hands']) => {
  const roles = [['inked', inked], ['wiped', wiped], ['laid', laid]] as const
  return roles.filter(([, who]) => who).map(([role, who]) => `${role} ${who}`).join(', ')
}

/** Writes the documentation sheet: work, plate, edition with every kind declared, how it was printed, and each impression. */
export function documentJob(job: DocumentedJob): Documentation {
  const { plate } = job.bench
  const bat = job.bats.at(-1)
  const settings = bat?.runs[0].settings ?? job.bench
  const marks = new Map(job.prints.map(({ pullId, mark }) => [pullId, mark]))
  const edition = job.pulls.filter(({ kind }) => kind === 'edition')
  const decided = (wanted: string) => edition.filter((pull) => readPull(pull).decision?.decision === wanted).length
  const declared = (Object.keys(PRINT_KINDS) as PrintKind[]).map((kind) => [kind, job.prints.filter((print) => print.kind === kind).length] as const).filter(([, total]) => total > 0)
  const drying = job.dryings.at(-1)

  const edited: { label: string; value: string }[] = [
    ...(declared.length > 0 ? [] : [{ label: 'Edition', value: `${job.editionSize}, not numbered yet` }]),
    ...declared.map(([kind, total]) => ({ label: PRINT_KINDS[kind], value: String(total) })),
    { label: 'Proofs pulled', value: String(job.pulls.filter(({ kind }) => kind === 'proof').length) },
    { label: 'Edition pulls', value: `${edition.length}: ${decided('accepted')} accepted, ${decided('rejected')} rejected, ${decided('set-aside')} set aside` },
  ]
  if (bat) edited.push({ label: 'BAT, the approved proof', value: `version ${bat.version}, approved ${day(bat.approvedAt)} by ${bat.approvedBy}` })
  if (drying) edited.push({ label: 'Dried', value: `from ${day(drying.laidAt)} to ${day(drying.readyAt)}` })

  const made = plate
    ? [
        { label: 'Plate', value: `${plate.name}: ${PLATE_KINDS[plate.kind].label.toLowerCase()}` },
        { label: 'Size', value: `${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}, ${formatNumber(plate.thicknessMm, 3)} mm thick` },
        ...job.plateStates.map(({ state, note, openedAt }) => ({ label: `State ${romanNumeral(state)}`, value: [day(openedAt), note].filter(Boolean).join(': ') })),
      ]
    : []
  const printed = settingEntries(settings).filter(({ station }) => station !== 'plate').map(({ station, label, text }) => ({ label: `${STATIONS[station]}: ${label.toLowerCase()}`, value: text }))

  return {
    title: job.title,
    subtitle: `${job.artist}, ${plate ? PLATE_KINDS[plate.kind].label.toLowerCase() : 'intaglio'}, edition of ${job.editionSize}`,
    sections: [{ heading: 'Edition', rows: edited }, { heading: 'Plate', rows: made }, { heading: bat ? 'Printed as the BAT' : 'Set on the bench', rows: printed }].filter(({ rows }) => rows.length > 0),
    impressions: job.pulls
      .filter((pull) => marks.has(pull.id) || pull.kind === 'edition')
      .map((pull) => {
        const { eye, decision } = readPull(pull)
        const fate = decision?.decision === 'rejected' ? `rejected: ${decision.reason}` : decision?.decision === 'set-aside' ? 'set aside' : ''
        return { mark: marks.get(pull.id) ?? `pull ${pull.number}`, moment: writeMoment(pull.pulledAt, pull.zone) + (pull.estimated ? ' (estimated)' : ''), hands: writeHands(pull.hands), eye: eye ?? '', note: fate }
      }),
  }
}
