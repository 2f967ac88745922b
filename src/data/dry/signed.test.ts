import JSZip from 'jszip'
import sharp from 'sharp'
import { readdirSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { loadCustody, movePrint } from '../record/custody'
import { addEvents } from '../across/pulls'
import { approveBat } from '../prove/bats'
import { keepPicture, keptPictures, pictureDetails } from '../across/images'
import { openDatabase } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { packJob, unpackJob } from '../record/jobFolder'
import { exportJob } from '../record/jobFiles'
import { declareEditionSize, listJobs, loadJob } from '../shop/jobs'
import { setStatePicture } from '../plate/plateStates'
import { giveNumbers } from './prints'
import { loadUnlocks, unlockNumbers } from './unlocks'
import { usualTolerances } from '@/core/prove/tolerance'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { approvedJob, at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'

openWorkshop()

/** An edition of two, numbered. */
async function numberedJob() {
  let job = await approvedJob(2)
  for (const id of ['e1', 'e2']) job = await pull(job, id, 'edition', 'accepted')
  await giveNumbers(
    job.id,
    job.revision,
    {
      sorted: [
        { pullId: 'e1', kind: 'edition' },
        { pullId: 'e2', kind: 'edition' },
        { pullId: 'proof-1', kind: 'BAT' },
      ],
      style: 'roman',
    },
    at(60),
  )
  return loadJob(job.slug)
}

describe('numbers', () => {
  it('taken back stay written with who and why, and can be given anew', async () => {
    const job = await numberedJob()
    await expect(unlockNumbers(job.id, job.revision, { why: ' ', by: 'Ada' }, at(70))).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'why' })],
    })
    const revision = await unlockNumbers(
      job.id,
      job.revision,
      { why: 'The second is the better first.', by: 'Ada' },
      at(70),
    )
    expect(await loadUnlocks(job.id)).toEqual([
      {
        marks: [
          { mark: '1/2', pullId: 'e1' },
          { mark: '2/2', pullId: 'e2' },
          { mark: 'BAT', pullId: 'proof-1' },
        ],
        why: 'The second is the better first.',
        by: 'Ada',
        at: at(70),
      },
    ])
    await giveNumbers(
      job.id,
      revision,
      {
        sorted: [
          { pullId: 'e2', kind: 'edition' },
          { pullId: 'e1', kind: 'edition' },
          { pullId: 'proof-1', kind: 'BAT' },
        ],
        style: 'roman',
      },
      at(80),
    )
    expect((await loadJob(job.slug)).prints[0]).toMatchObject({ pullId: 'e2', mark: '1/2' })
  })
  it('hold the size of the edition: it cannot be shrunk below what is signed', async () => {
    const job = await numberedJob()
    await expect(declareEditionSize(job.id, job.revision, 1)).rejects.toMatchObject({
      problems: [expect.objectContaining({ message: expect.stringContaining('closed') })],
    })
    expect((await loadJob(job.slug)).editionSize).toBe(2)
  })
  it('stay once a print has left the workshop', async () => {
    const job = await numberedJob()
    await movePrint(
      job.id,
      { pullId: 'e1', move: { kind: 'sold', to: 'A. Reader', receipt: '17', note: '' }, by: 'Ada' },
      at(65),
    )
    await expect(
      unlockNumbers(job.id, job.revision, { why: 'Sort anew', by: 'Ada' }, at(70)),
    ).rejects.toMatchObject({
      problems: [expect.objectContaining({ message: expect.stringContaining('the numbers stay') })],
    })
  })
})

describe('custody', () => {
  it('is written one move after another, of numbered prints only', async () => {
    const job = await numberedJob()
    await movePrint(
      job.id,
      { pullId: 'e1', move: { kind: 'consigned', to: 'Marram House', receipt: '3', note: '' }, by: 'Ada' },
      at(65),
    )
    await movePrint(
      job.id,
      { pullId: 'e1', move: { kind: 'returned', to: '', receipt: '', note: '' }, by: 'Ada' },
      at(66),
    )
    expect((await loadCustody(job.id)).map(({ move }) => move.kind)).toEqual(['consigned', 'returned'])
    await expect(
      movePrint(
        job.id,
        { pullId: 'e1', move: { kind: 'returned', to: '', receipt: '', note: '' }, by: 'Ada' },
        at(67),
      ),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'kind' })] })
    await expect(
      movePrint(
        job.id,
        { pullId: 'nobody', move: { kind: 'destroyed', to: '', receipt: '', note: '' }, by: 'Ada' },
        at(67),
      ),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'pullId' })] })
  })
})

describe('the other end of what passes', () => {
  it('is another proof of the job, kept with the BAT', async () => {
    let job = await benchedJob()
    for (const id of ['p1', 'p2']) job = await pull(job, id)
    const bat = {
      proofPullId: 'p2',
      tolerances: usualTolerances(sampleSettings),
      approvedBy: 'Ada',
      reason: '',
    }
    await expect(
      approveBat(job.id, job.revision, { ...bat, otherProofPullId: 'p2' }, at(9)),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'otherProofPullId' })] })
    await approveBat(job.id, job.revision, { ...bat, otherProofPullId: 'p1', wetMinutes: 5 }, at(9))
    expect((await loadJob(job.slug)).bats[0]).toMatchObject({ otherProofPullId: 'p1', wetMinutes: 5 })
  })
})

describe('a job folder', () => {
  it('comes in elsewhere with its pictures, equal to what went out', async () => {
    const job = await numberedJob()
    const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#876' } })
      .png()
      .toBuffer()
    const picture = await keepPicture(bytes, 'state.png', at())
    const revision = await setStatePicture(job.id, job.revision, 1, picture)
    await addEvents(
      job.id,
      revision,
      {
        pullId: 'proof-1',
        events: [
          {
            kind: 'verdict',
            seen: 'same',
            note: 'Good.',
            outcome: 'keep',
            features: { line: -1 },
            imageId: picture,
          },
        ],
        by: 'Ada',
        why: '',
      },
      at(70),
    )
    await movePrint(
      job.id,
      { pullId: 'e1', move: { kind: 'publisher', to: 'Marram House', receipt: '', note: '' }, by: 'Ada' },
      at(71),
    )
    const zip = await packJob(job.slug, { 'pulls.csv': 'kind,number' }, at(80))
    expect(Object.keys((await JSZip.loadAsync(zip)).files)).toEqual(
      expect.arrayContaining(['job.json', `pictures/${picture}`, 'pulls.csv']),
    )
    const slug = await unpackJob(zip, at(90))
    const [there, here] = await Promise.all([exportJob(slug, at(99)), exportJob(job.slug, at(99))])
    expect(there).toEqual({ ...here, job: { ...here.job, createdAt: there.job.createdAt } })
    expect((await loadJob(slug)).plateStates[0].imageId).toBe(picture)
    expect(await pictureDetails([picture])).toHaveLength(1)
  })
  it('that is none, or is no zip at all, is refused at its field and leaves nothing', async () => {
    const empty = await new JSZip().file('readme.txt', 'hello').generateAsync({ type: 'uint8array' })
    const broken = await new JSZip().file('job.json', '{').generateAsync({ type: 'uint8array' })
    for (const bytes of [empty, broken, new Uint8Array([1, 2, 3])])
      await expect(unpackJob(bytes, at())).rejects.toMatchObject({
        problems: [expect.objectContaining({ field: 'file' })],
      })
  })
  it('with one picture that is none leaves neither the job nor the pictures before it', async () => {
    const job = await benchedJob()
    const zip = await JSZip.loadAsync(await packJob(job.slug, {}, at(80)))
    const good = await sharp({ create: { width: 9, height: 9, channels: 3, background: '#123' } })
      .png()
      .toBuffer()
    zip.file('pictures/good', good)
    zip.file('pictures/never', 'no picture')
    const bytes = await zip.generateAsync({ type: 'uint8array' })
    const before = (await listJobs()).length
    await expect(unpackJob(bytes, at(90))).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'picture' })],
    })
    expect(await listJobs()).toHaveLength(before)
    expect(await keptPictures()).toEqual(new Set())
    expect(readdirSync(path.join(dataFolder(), 'pictures'))).toEqual([])
  })
  it('whose job is refused only by what lies in the workshop takes its pictures with it', async () => {
    const job = await benchedJob()
    const zip = await JSZip.loadAsync(await packJob(job.slug, {}, at(80)))
    const good = await sharp({ create: { width: 9, height: 9, channels: 3, background: '#123' } })
      .png()
      .toBuffer()
    zip.file('pictures/good', good)
    const { sequelize } = await openDatabase()
    await sequelize.query(
      "CREATE TRIGGER refuse BEFORE INSERT ON sortings BEGIN SELECT RAISE(ABORT, 'no room'); END",
    )
    await expect(unpackJob(await zip.generateAsync({ type: 'uint8array' }), at(90))).rejects.toThrow(
      'Validation error',
    )
    expect(await listJobs()).toHaveLength(1)
    expect(await keptPictures()).toEqual(new Set())
  })
})
