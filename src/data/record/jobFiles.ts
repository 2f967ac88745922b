import type { SetAside } from '@/core/document/setAside'
import { loadRoster } from '../across/rosters'
import { eventSubject } from '@/core/edition/readPull'
import { JOB_FILE_VERSION, type JobFile } from '@/core/record/jobFile'
import { readJobFile, writeJobFile } from '@/core/record/jobFileDocument'
import { createHash } from 'node:crypto'
import { write } from '../database/database'
import { loadCollePieces } from '../register/collePieces'
import { loadCustody } from './custody'
import { loadUnlocks } from '../dry/unlocks'
import { loadMisfits } from '../register/misfits'
import { insertJob, loadJob } from '../shop/jobs'
import { loadMakings } from '../plate/makings'
import { loadFacings, loadWatchSpots } from '../plate/plateWatch'
import { loadStore } from '../shop/store'
import { loadZoneMaps } from '../plate/zoneMaps'

/** A job as one document that another workshop can take in: everything but the pictures. */
export async function exportJob(slug: string, at: string): Promise<JobFile> {
  return (await readWhole(slug, at)).file
}

/** The same as it is written out: with what this release does not know put back in its place. */
export async function exportJobFile(slug: string, at: string): Promise<Record<string, unknown>> {
  const { file, aside } = await readWhole(slug, at)
  return writeJobFile(file, aside)
}

async function readWhole(slug: string, at: string): Promise<{ file: JobFile; aside: SetAside[] }> {
  const [
    {
      id,
      title,
      artist,
      editionSize,
      createdAt,
      openRun,
      purpose,
      credits,
      runs,
      sheetMarks,
      givenSheets,
      signing,
      plateStates,
      pulls,
      withdrawn,
      bats,
      prints,
      dryings,
      aside,
    },
    store,
  ] = await Promise.all([loadJob(slug), loadStore()])
  const [zoneMaps, makings, spots, facings, collePieces, misfits, unlocks, custody, roster] =
    await Promise.all([
      loadZoneMaps(id),
      loadMakings(id),
      loadWatchSpots(id),
      loadFacings(id),
      loadCollePieces(id),
      loadMisfits(id),
      loadUnlocks(id),
      loadCustody(id),
      loadRoster(id),
    ])
  const mixes = [
    ...runs.flatMap(({ bench }) => bench.ink?.mixes ?? []),
    ...[...pulls, ...withdrawn].flatMap(({ settings }) => settings.ink.mixes),
    ...bats.flatMap((bat) => bat.runs.flatMap(({ settings }) => settings.ink.mixes)),
  ]
  const used = new Set(mixes.flatMap(({ parts }) => parts.map(({ inkId }) => inkId)))
  const file: JobFile = {
    format: 'typothesis-job',
    version: JOB_FILE_VERSION,
    exportedAt: at,
    job: { title, artist, editionSize, createdAt, openRun, purpose, credits },
    runs,
    plateStates: plateStates.map(({ state, note, openedAt }) => ({ state, note, openedAt })),
    pulls,
    withdrawn,
    bats,
    prints,
    dryings,
    inks: store.inks.filter(({ id }) => used.has(id)).map(({ gramsNow: _, putAwayAt: __, ...ink }) => ink),
    zoneMaps,
    makings,
    watchSpots: spots.map(({ id: _, ...spot }) => spot),
    facings,
    collePieces,
    misfits,
    unlocks,
    custody,
    sheetMarks,
    givenSheets,
    signing,
    roster,
  }
  return { file, aside }
}

/**
 * Takes a job file in as a new job, all of it or nothing. Inks the shelf already has stay as they are.
 *
 * @returns the address of the new job
 * @throws ZodError naming the place in the file; LaterDocumentError
 */
export async function importJob(document: unknown): Promise<string> {
  const { value: file, aside } = readJobFile(document)
  return write(async (tables, transaction) => {
    const { createdAt, ...job } = file.job
    const { id: jobId, slug } = await insertJob({ tables, transaction }, job, createdAt)
    const options = { transaction }
    const ofJob = <Row extends object>(rows: readonly Row[]) => rows.map((row) => ({ ...row, jobId }))
    const placed = <Row extends object>(rows: readonly Row[]) =>
      rows.map((row, i) => ({ ...row, jobId, place: i + 1 }))
    await tables.inks.bulkCreate(file.inks, { transaction, ignoreDuplicates: true })
    await tables.runs.bulkCreate(ofJob(file.runs), options)
    await tables.plate_states.bulkCreate(
      ofJob(file.plateStates).map((state) => ({ ...state, imageId: null })),
      options,
    )
    await tables.pulls.bulkCreate(placed(file.pulls.map(({ events: _, ...pull }) => pull)), options)
    await tables.withdrawn_pulls.bulkCreate(
      ofJob(
        file.withdrawn.map(({ events: _, withdrawnAt, withdrawnBy, ...pull }) => ({
          ...pull,
          at: withdrawnAt,
          by: withdrawnBy,
        })),
      ),
      options,
    )
    await tables.pull_events.bulkCreate(
      ofJob(
        [...file.pulls, ...file.withdrawn].flatMap(({ id, events }) =>
          events.map(({ event, at, by, why }) => ({
            pullId: id,
            subject: eventSubject(event),
            event,
            at,
            by,
            why,
          })),
        ),
      ),
      options,
    )
    await tables.bats.bulkCreate(ofJob(file.bats), options)
    await tables.set_aside.bulkCreate(ofJob(aside.map((one) => ({ aside: one }))), options)
    await tables.prints.bulkCreate(placed(file.prints), options)
    await tables.dryings.bulkCreate(ofJob(file.dryings), options)
    await tables.zone_maps.bulkCreate(ofJob(file.zoneMaps), options)
    await tables.watch_spots.bulkCreate(
      ofJob(file.watchSpots).map(({ at: [xMm, yMm], ...spot }) => ({ ...spot, xMm, yMm })),
      options,
    )
    await tables.facings.bulkCreate(ofJob(file.facings), options)
    await tables.colle_pieces.bulkCreate(
      ofJob(file.collePieces.map((setting) => ({ name: setting.name, setting, at: file.exportedAt }))),
      options,
    )
    await tables.misfits.bulkCreate(ofJob(file.misfits), options)
    await tables.unlocks.bulkCreate(ofJob(file.unlocks), options)
    await tables.custody.bulkCreate(ofJob(file.custody), options)
    await tables.sheet_marks.bulkCreate(ofJob(file.sheetMarks), options)
    // Which print of which job it was is said by its name: ids are those of the workshop it comes from.
    await tables.given_sheets.bulkCreate(
      ofJob(file.givenSheets).map(({ print: _, ...given }) => ({
        ...given,
        fromJobId: null,
        fromPullId: null,
      })),
      options,
    )
    if (file.roster) await tables.rosters.create({ jobId, roster: file.roster }, options)
    await tables.sortings.create(
      {
        jobId,
        numbering: { ...file.signing, sorted: file.prints.map(({ pullId, kind }) => ({ pullId, kind })) },
        at: file.exportedAt,
      },
      options,
    )
    for (const { id, procedure, startedAt, by, events } of file.makings) {
      // Ids are of the device that began the making; here the job is another one.
      const makingId = createHash('sha256').update(`${jobId} ${id}`).digest('hex').slice(0, 32)
      await tables.makings.create({ id: makingId, jobId, procedure, startedAt, by }, options)
      await tables.making_events.bulkCreate(
        events.map(({ at, by: who, ...event }) => ({ makingId, event, at, by: who })),
        options,
      )
    }
    return slug
  })
}
