import { upgradeDocument, type Upgrade } from '../document/documentKind'
import { asideWithin, putBack, readLeniently, type Read, type SetAside } from '../document/setAside'
import { readPullEvent } from '../edition/pullEventDocument'
import { benchDocument, settingsDocument } from '../prove/settingsDocument'
import { upgradeBatRuns } from './batDocument'
import { jobFileSchema, type FiledPull, type JobFile } from './jobFile'

type Loose = Record<string, unknown>
const isLoose = (value: unknown): value is Loose => typeof value === 'object' && value !== null

/** What a job was for by how its prints were to vary, which is all that the first two versions knew of it. */
const PURPOSE_OF: Record<string, string> = { alike: 'edition', varied: 'varied', unique: 'unique' }

/** Version 3: a job says what it is for, in place of how its prints vary. A word nobody knows is left to the schema. */
const purposeOfVariation: Upgrade = (file) => {
  if (!isLoose(file.job)) return { ...file }
  const { variation = 'alike', ...job } = file.job
  return { ...file, job: { ...job, purpose: PURPOSE_OF[String(variation)] ?? variation } }
}

/** Version 4: a run that is done by hand is told from whose hand it was, and is called what it is. */
const colouringByHand: Upgrade = (file) => ({
  ...file,
  runs: Array.isArray(file.runs)
    ? file.runs.map((run: unknown) =>
        isLoose(run) && run.kind === 'hand' ? { ...run, kind: 'colouring' } : run,
      )
    : file.runs,
})

/** Version 2: settings of version 2 within. Those carry a version of their own and are brought up where they stand. */
const JOB_FILE_UPGRADES: readonly Upgrade[] = [(file) => ({ ...file }), purposeOfVariation, colouringByHand]

const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : [])

/** Brings the documents within a job file up to today's, in place; answers what of them is not known. What is no document is left to the schema. */
function upgradeWithin(file: Loose): SetAside[] {
  const aside: SetAside[] = []
  const bring = (
    holder: Loose,
    key: string,
    read: (document: unknown) => Read<unknown>,
    path: (string | number)[],
  ) => {
    if (!isLoose(holder[key])) return
    const found = read(holder[key])
    holder[key] = found.value
    aside.push(...asideWithin([...path, key], found.aside))
  }
  listOf(file.runs).forEach((run, i) => isLoose(run) && bring(run, 'bench', benchDocument.read, ['runs', i]))
  listOf(file.bats).forEach((bat, i) => {
    if (!isLoose(bat)) return
    const found = upgradeBatRuns(bat.runs)
    bat.runs = found.runs
    aside.push(...asideWithin(['bats', i, 'runs'], found.aside))
  })
  for (const list of ['pulls', 'withdrawn'])
    listOf(file[list]).forEach((pull, i) => {
      if (!isLoose(pull)) return
      bring(pull, 'settings', settingsDocument.read, [list, i])
      listOf(pull.events).forEach(
        (kept, k) => isLoose(kept) && bring(kept, 'event', readPullEvent, [list, i, 'events', k]),
      )
    })
  return aside
}

/**
 * Reads a job file of any release up to this one, and of a later one whose shape only grew: what is not known is set aside.
 *
 * @throws ZodError naming the place in the file; LaterDocumentError
 */
export function readJobFile(document: unknown): Read<JobFile> {
  if (!isLoose(document) || document.format !== 'typothesis-job')
    return { value: jobFileSchema.parse(document), aside: [] }
  const file = structuredClone(upgradeDocument(document, JOB_FILE_UPGRADES)) as Loose
  const within = upgradeWithin(file)
  const { value, aside } = readLeniently(jobFileSchema, file)
  return { value, aside: [...within, ...aside] }
}

/** A job file as it is written: events of a later release word for word, and what was set aside put back in its place. */
export function writeJobFile(file: JobFile, aside: readonly SetAside[]): Loose {
  const asSaid = <P extends FiledPull>(pull: P) => ({
    ...pull,
    events: pull.events.map((kept) => ({
      ...kept,
      event: kept.event.kind === 'later' ? kept.event.document : kept.event,
    })),
  })
  const [pulls, withdrawn] = [file.pulls.map(asSaid), file.withdrawn.map(asSaid)]
  return putBack<Loose>({ ...file, pulls, withdrawn }, aside)
}
