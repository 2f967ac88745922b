import { formatFine } from '../units/quantity'
import { PRINT_KINDS, type PrintKind } from '../dry/editionNumbers'
import { CHOPS, MARKINGS, type Signing } from '../dry/numbering'
import { givenOf, nameOfGiven, type GivenSheet } from '../edition/givenSheets'
import { layDownWords } from '../edition/layDownWords'
import { isPrint, readPull } from '../edition/readPull'
import type { Pull } from '../edition/pull'
import { BETWEEN_RUNS, RUN_KINDS, type Run } from '../edition/runs'
import { PLATE_KINDS, romanNumeral } from '../plate/plate'
import { surfaceWords } from '../plate/surfaceSetting'
import { purposeFacts, purposeWords, type Purpose } from '../prove/purpose'
import { STATIONS, type Bench } from '../prove/settings'
import { ORIGIN_WORDS, originOf } from '../prove/settingOrigins'
import { settingEntries } from '../prove/settingEntries'
import { materialWords, type LaidPiece } from '../register/laidPiece'
import { formatMm, formatNumber } from '../units/length'
import { listed } from '../units/listed'
import { saidDayOf, writeMoment } from '../units/moment'
import type { Credits } from './credits'
import type { Bat, Drying, FiledPull, Print } from './jobFile'

/** What the documentation sheet is written from. */
export interface DocumentedJob {
  title: string
  artist: string
  editionSize: number
  bench: Bench
  runs: Run[]
  purpose: Purpose
  credits: Credits
  signing: Signing
  plateStates: { state: number; note: string; openedAt: string }[]
  pulls: FiledPull[]
  bats: Bat[]
  prints: Print[]
  dryings: Drying[]
  givenSheets: GivenSheet[]
}

/** A line of the sheet. What nobody typed or measured says so, and is no statement. */
export interface DocumentedRow {
  label: string
  value: string
  isDefault?: true
}

/** A documentation sheet: the same for the page and for the PDF. */
export interface Documentation {
  title: string
  subtitle: string
  artist: string
  /** what the plate is, in words */
  technique: string
  /** of the plate; null: nobody said */
  plateSize: string | null
  sections: { heading: string; rows: DocumentedRow[] }[]
  impressions: { mark: string; moment: string; hands: string; eye: string; note: string }[]
}

const writeHands = ({ inked, wiped, laid }: Pull['hands']) => {
  const roles = [
    ['inked', inked],
    ['wiped', wiped],
    ['laid', laid],
  ] as const
  return roles
    .filter(([, who]) => who)
    .map(([role, who]) => `${role} ${who}`)
    .join(', ')
}

const isAnyKnown = ({ origins }: Bench) => Object.keys(origins ?? {}).length > 0

/** A setting as the sheet states it: what was typed as it is, anything else with where it comes from. */
function said(settings: Bench, path: string, label: string, text: string): DocumentedRow {
  const origin = originOf(settings, { path })
  const words = origin === null && !isAnyKnown(settings) ? '' : ORIGIN_WORDS[origin ?? 'unknown']
  return {
    label,
    value: words ? `${text} (${words})` : text,
    ...(origin === 'default' ? { isDefault: true } : {}),
  }
}

/** The artists of earlier prints that pieces were cut from, each named once. */
function pieceCredits(benches: readonly Bench[]): DocumentedRow[] {
  const words = benches
    .flatMap(({ register }) => register?.colle ?? [])
    .flatMap(({ name, material }) =>
      material.from === 'print' ? [`${name}, cut ${materialWords(material)}`] : [],
    )
  return [...new Set(words)].map((value) => ({ label: 'Piece of a print', value }))
}

const piecesOf = (settings: Bench): readonly LaidPiece[] => settings.register?.colle ?? []

/** What each print carries of thin paper, where it is not the same on all of them. */
function varyingPieces(pulls: readonly Pick<Pull, 'settings'>[]): (settings: Bench) => string {
  const words = (settings: Bench) =>
    piecesOf(settings)
      .map(({ name, material }) => `${name}: ${materialWords(material)}`)
      .join(', ')
  const kinds = new Set(pulls.map(({ settings }) => words(settings)))
  return (settings) => (kinds.size > 1 ? words(settings) || 'no piece stuck on' : '')
}

/** How the prints were marked and signed. */
const signedWords = ({ marking, imp, chop, signer }: Signing): string =>
  [
    MARKINGS[marking].label,
    ...(imp ? [`signed imp. by ${imp}${signer === 'printer' ? ' for the artist' : ''}`] : []),
    ...(chop === 'none' ? [] : [`chop: ${CHOPS[chop].toLowerCase()}`]),
  ].join('; ')

/** That a proof was approved from a picture, and whether a print was seen since. */
function pictureWords({ runs }: Bat, day: (at: string) => string): string {
  const pictured = runs.flatMap(({ fromPicture }) => fromPicture ?? [])
  if (pictured.length === 0) return ''
  const unseen = pictured.find(({ seen }) => seen === null)
  const { seen } = pictured[0]
  return unseen || !seen ? ', from a picture' : `, from a picture; a print seen ${day(seen.at)} by ${seen.by}`
}

/** What the count of pulls is headed. @param isEdition they were held to an approved proof @param several runs */
function pulledLabel(isEdition: boolean, several: boolean): string {
  if (several) return 'Sheets of the prints'
  return isEdition ? 'Edition pulls' : 'Prints pulled'
}

/** What the plate is and how it was made, state by state. */
function plateRows(
  { bench, plateStates }: Pick<DocumentedJob, 'bench' | 'plateStates'>,
  plate: NonNullable<Bench['plate']>,
  day: (at: string) => string,
): DocumentedRow[] {
  return [
    { label: 'Plate', value: plate.name },
    said(bench, 'plate.kind', 'Kind', PLATE_KINDS[plate.kind].label.toLowerCase()),
    said(bench, 'plate.widthMm', 'Size', sizeOf(plate)),
    said(bench, 'plate.thicknessMm', 'Thickness', formatFine(plate.thicknessMm, 3)),
    ...(plate.surface ? [said(bench, 'plate.surface', 'Printed from', surfaceWords(plate.surface))] : []),
    ...plateStates.map(({ state, note, openedAt }) => ({
      label: `State ${romanNumeral(state)}`,
      value: [day(openedAt), note].filter(Boolean).join(': '),
    })),
  ]
}

const sizeOf = ({ widthMm, heightMm }: NonNullable<Bench['plate']>): string =>
  `${formatMm(widthMm)} × ${formatMm(heightMm)}`

/** Writes the documentation sheet: work, plate, edition with every kind declared, how it was printed, and each impression. @param zone in which the days of approving and drying are said; each print has its own */
export function documentJob(job: DocumentedJob, zone: string): Documentation {
  const day = (at: string) => saidDayOf(at, zone)
  const { plate } = job.bench
  const several = job.runs.length > 1
  const bat = job.bats.at(-1)
  const over = (sheet: number) => {
    const given = givenOf(job.givenSheets, sheet)
    return given && `over ${nameOfGiven(given)}`
  }
  const marks = new Map(job.prints.map(({ pullId, mark }) => [pullId, mark]))
  // Of a sheet that went through several runs, the last pull speaks for it.
  const lastOf = new Map(job.pulls.flatMap((pull) => (isPrint(pull) ? [[pull.sheet, pull.id] as const] : [])))
  const edition = job.pulls.filter((pull) => isPrint(pull) && lastOf.get(pull.sheet) === pull.id)
  const pieces = varyingPieces(edition)
  const facts = purposeFacts(job.purpose)
  const decided = (wanted: string) =>
    edition.filter((pull) => readPull(pull).decision?.decision === wanted).length
  const declared = (Object.keys(PRINT_KINDS) as PrintKind[])
    .map((kind) => [kind, job.prints.filter((print) => print.kind === kind).length] as const)
    .filter(([, total]) => total > 0)
  const drying = job.dryings.at(-1)

  const edited: { label: string; value: string }[] = [
    ...(declared.length > 0
      ? []
      : [
          {
            label: facts.prints,
            value: facts.asksSize === null ? 'not signed yet' : `${job.editionSize}, not numbered yet`,
          },
        ]),
    ...declared.map(([kind, total]) => ({
      label: kind === 'edition' ? facts.prints : PRINT_KINDS[kind],
      value: String(total),
    })),
    { label: 'Proofs pulled', value: String(job.pulls.filter(({ kind }) => kind === 'proof').length) },
    {
      label: pulledLabel(facts.asksBat, several),
      value: `${edition.length}: ${decided('accepted')} accepted, ${decided('rejected')} rejected, ${decided('set-aside')} set aside`,
    },
  ]
  if (job.givenSheets.length > 0)
    edited.push({ label: 'Printed over', value: listed(job.givenSheets.map(nameOfGiven)) })
  const cancelled = job.pulls.filter(({ kind }) => kind === 'cancellation')
  if (!facts.isAlike) edited.push({ label: 'For', value: facts.label })
  if (job.prints.length > 0) edited.push({ label: 'Marked', value: signedWords(job.signing) })
  for (const pull of cancelled)
    edited.push({
      label: 'Plate cancelled',
      value: `${several ? `${job.runs.find(({ position }) => position === pull.runPosition)?.name}, ` : ''}${saidDayOf(pull.pulledAt, pull.zone)}: ${readPull(pull).cancelled ?? 'struck'}; one cancellation proof`,
    })
  if (bat)
    edited.push({
      label: 'BAT, the approved proof',
      value: `version ${bat.version}, approved ${day(bat.approvedAt)} by ${bat.approvedBy}${pictureWords(bat, day)}`,
    })
  if (drying) edited.push({ label: 'Dried', value: `from ${day(drying.laidAt)} to ${day(drying.readyAt)}` })

  const isKindSaid = originOf(job.bench, { path: 'plate.kind' }) !== 'default'
  const technique = plate && isKindSaid ? PLATE_KINDS[plate.kind].label.toLowerCase() : 'intaglio'
  const plateSize = plate && sizeOf(plate)
  const made = plate ? plateRows(job, plate, day) : []
  const written = (settings: Bench): DocumentedRow[] => [
    ...settingEntries(settings)
      .filter(({ station }) => station !== 'plate')
      .map(({ path, station, label, text }) =>
        said(settings, path, `${STATIONS[station]}: ${label.toLowerCase()}`, text),
      ),
    ...(isAnyKnown(settings)
      ? []
      : [{ label: 'Where these come from', value: 'not known: kept before it was noted' }]),
  ]
  const printed = bat
    ? bat.runs.map(({ position, settings }) => ({
        heading: several
          ? `Printed as the BAT: ${job.runs.find((run) => run.position === position)?.name ?? `run ${position + 1}`}`
          : 'Printed as the BAT',
        rows: written(settings),
      }))
    : [{ heading: 'Set on the bench', rows: written(job.bench) }]
  const inRuns = several
    ? job.runs.map(({ name, kind, between, waitHours }, i) => ({
        label: `Run ${i + 1}`,
        value: [
          `${name}: ${RUN_KINDS[kind].label.toLowerCase()}`,
          ...(i > 0
            ? [BETWEEN_RUNS[between] + (waitHours > 0 ? `, after ${formatNumber(waitHours, 1)} h` : '')]
            : []),
        ].join('; '),
      }))
    : []

  return {
    title: job.title,
    subtitle: `${job.artist}, ${technique}, ${purposeWords(job)}`,
    artist: job.artist,
    technique,
    plateSize,
    sections: [
      { heading: facts.asksBat ? 'Edition' : 'Prints', rows: edited },
      { heading: 'Plate', rows: made },
      { heading: 'Runs', rows: inRuns },
      ...printed,
      {
        heading: 'Credits',
        rows: [
          ...job.credits.map(({ role, name }) => ({ label: role, value: name })),
          ...pieceCredits(bat ? bat.runs.map(({ settings }) => settings) : [job.bench]),
        ],
      },
    ].filter(({ rows }) => rows.length > 0),
    impressions: job.pulls
      .filter((pull) => marks.has(pull.id) || edition.includes(pull))
      .map((pull) => {
        const { eye, decision, momentWas, layDowns } = readPull(pull)
        const fates = { accepted: '', rejected: `rejected: ${decision?.reason}`, 'set-aside': 'set aside' }
        const fate = decision ? fates[decision.decision] : ''
        const said = momentWas ? `; first said ${writeMoment(momentWas, pull.zone)}` : ''
        return {
          mark: marks.get(pull.id) ?? `pull ${pull.number}`,
          moment: `${writeMoment(pull.pulledAt, pull.zone)}${pull.estimated ? ` (estimated${said})` : ''}`,
          hands: writeHands(pull.hands),
          eye: eye ?? '',
          note: [over(pull.sheet), pieces(pull.settings), ...layDowns.map(layDownWords), fate]
            .filter(Boolean)
            .join('; '),
        }
      }),
  }
}
