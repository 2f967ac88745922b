import { describe, expect, it } from 'vitest'
import { batOfRun } from '@/core/record/batOnBench'
import { documentJob } from '@/core/record/documentation'
import { exportJob, importJob } from '../record/jobFiles'
import { loadJob } from '../shop/jobs'
import { at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { approveBat, notePrintSeen } from './bats'

openWorkshop()

const approval = {
  proofPullId: 'proof-1',
  tolerances: {},
  approvedBy: 'Ida Quill',
  reason: '',
  fromPicture: { asked: 'Is the sky dark enough?', answered: 'Yes, a shade darker would do too' },
}
const batRow = async (slug: string) => {
  const job = await loadJob(slug)
  const sheet = documentJob({ ...job, bench: job.runs[0].bench }, 'Europe/Lisbon')
  return sheet.sections.flatMap(({ rows }) => rows).find(({ label }) => label === 'BAT, the approved proof')
    ?.value
}

describe('a proof that was approved from a picture', () => {
  it('keeps question and answer, says so everywhere, and no longer once a print was seen', async () => {
    const job = await pull(await benchedJob(), 'proof-1')
    const approved = await approveBat(job.id, job.revision, approval, at(10))
    const from = await loadJob(job.slug)
    expect(batOfRun(from.bats, 0)).toMatchObject({ version: 1, isFromPicture: true })
    expect(from.bats[0].runs[0].fromPicture).toEqual({ ...approval.fromPicture, seen: null })
    expect(await batRow(job.slug)).toMatch(/by Ida Quill, from a picture$/)
    await notePrintSeen(job.id, approved, { by: 'Oona Fell' }, at(20))
    const seen = await loadJob(job.slug)
    expect(batOfRun(seen.bats, 0)).toMatchObject({ version: 1, isFromPicture: false })
    expect(seen.bats[0].runs[0].fromPicture).toMatchObject({
      answered: approval.fromPicture.answered,
      seen: { by: 'Oona Fell' },
    })
    expect(await batRow(job.slug)).toContain('from a picture; a print seen')
    const file = await exportJob(job.slug, at(60))
    expect((await loadJob(await importJob(JSON.parse(JSON.stringify(file))))).bats).toEqual(seen.bats)
  })
  it('wants an answer, and a print is seen once', async () => {
    const job = await pull(await benchedJob(), 'proof-1')
    await expect(
      approveBat(job.id, job.revision, { ...approval, fromPicture: { asked: '', answered: ' ' } }, at(10)),
    ).rejects.toMatchObject({ issues: [{ path: ['fromPicture', 'answered'] }] })
    await expect(notePrintSeen(job.id, job.revision, { by: 'Oona Fell' }, at(20))).rejects.toMatchObject({
      problems: [{ message: 'No BAT of this run waits for a print to be seen.' }],
    })
    const approved = await approveBat(job.id, job.revision, { ...approval, fromPicture: null }, at(10))
    await expect(notePrintSeen(job.id, approved, { by: 'Oona Fell' }, at(20))).rejects.toThrow()
  })
})
