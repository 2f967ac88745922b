import { describe, expect, it } from 'vitest'
import { documentJob } from '@/core/record/documentation'
import { readThrough } from '@/core/record/through'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import type { SettingStation } from '@/core/prove/settings'
import type { Purpose } from '@/core/prove/purpose'
import { setPurpose } from '../across/runs'
import { addEvents } from '../across/pulls'
import { approveBat } from '../prove/bats'
import { createJob, listJobs, loadJob, saveStation } from '../shop/jobs'
import { approvedJob, at, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { giveNumbers, layToDry } from './prints'

openWorkshop()

const LAID = ['plate', 'ink', 'paper', 'press'] as const satisfies readonly SettingStation[]

/** A job of a purpose with no more set than it asks. */
async function begin(purpose: Purpose, editionSize?: number, stations: readonly SettingStation[] = LAID) {
  const { id, slug } = await createJob(
    { title: 'Two gulls', artist: 'Bryn Ash', purpose, ...(editionSize ? { editionSize } : {}) },
    at(),
  )
  let revision = 0
  for (const station of stations)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  return loadJob(slug)
}

const again = async (slug: string) => loadJob(slug)
const keepPull = async (slug: string, pullId: string) => {
  const job = await loadJob(slug)
  await addEvents(
    job.id,
    job.revision,
    {
      pullId,
      events: [{ kind: 'decision', decision: 'accepted', reason: '', fate: null }],
      by: 'Bryn Ash',
      why: '',
    },
    at(20),
  )
  return loadJob(slug)
}
const phaseOf = async (slug: string) => (await listJobs()).find((job) => job.slug === slug)?.phase

describe('jobs that are no editions, on an empty workshop, to a filed record', () => {
  it('a press test: one trial proof with its moment, dried, signed imp. by the printer, embossed, filed', async () => {
    const begun = await begin('test')
    expect(await phaseOf(begun.slug)).toBe('edition')
    const proofed = await pull(begun, 'trial-1')
    expect(proofed.runs[0].bench.register).not.toBeNull()
    expect(proofed.runs[0].bench.origins).toMatchObject({ wipe: 'default', register: 'default' })
    const kept = await keepPull(begun.slug, 'trial-1')
    expect(await phaseOf(begun.slug)).toBe('sorting')
    let revision = await layToDry(
      kept.id,
      kept.revision,
      { method: 'blotters', days: 4, by: 'Bryn Ash' },
      at(30),
    )
    const signing = { style: 'roman', marking: 'moment', imp: '', chop: 'both', signer: 'printer' } as const
    const sorted = [{ pullId: 'trial-1', kind: 'edition' as const }]
    await expect(giveNumbers(kept.id, revision, { ...signing, sorted }, at(40))).rejects.toMatchObject({
      problems: [{ field: 'imp' }],
    })
    revision = await giveNumbers(kept.id, revision, { ...signing, imp: 'Tam Brocket', sorted }, at(40))
    const filed = await again(begun.slug)
    expect(filed.prints).toHaveLength(1)
    expect(filed.prints[0].mark).toMatch(/^\d{4}-\d{2}-\d{2} \d{2}:\d{2}/)
    expect(await phaseOf(begun.slug)).toBe('signed')
    const sheet = documentJob({ ...filed, bench: filed.runs[0].bench }, 'Europe/Lisbon')
    expect(sheet.subtitle).toBe(
      'Bryn Ash, copper, drypoint, test'.replace('copper, drypoint', sheet.technique),
    )
    const [prints] = sheet.sections
    expect(prints.heading).toBe('Prints')
    expect(prints.rows).toContainEqual({ label: 'Trial proofs', value: '1' })
    expect(prints.rows.find(({ label }) => label === 'Marked')?.value).toContain(
      'signed imp. by Tam Brocket for the artist; chop: in ink and embossed',
    )
    expect(prints.rows.some(({ label }) => label.startsWith('BAT'))).toBe(false)
    await expect(pull(filed, 'trial-2')).rejects.toThrow()
  })

  it('a post-card: pulled as a print of its own, without a proof, a BAT or a number', async () => {
    const begun = await begin('unique')
    const pulled = await pull(begun, 'card-1', 'edition', 'accepted')
    expect(pulled.pulls[0].batVersion).toBeNull()
    expect(readThrough(pulled)).toMatchObject({ through: 1, left: 0 })
    await giveNumbers(
      pulled.id,
      pulled.revision,
      {
        style: 'roman',
        marking: 'unique',
        sorted: [{ pullId: 'card-1', kind: 'edition' }],
      },
      at(40),
    )
    expect((await again(begun.slug)).prints.map(({ mark }) => mark)).toEqual(['1/1'])
  })

  it('a series of five that vary: without a range, and with the richest and the palest approved', async () => {
    const all = [...LAID, 'wipe', 'register'] as const
    const begun = await begin('varied', 5, all)
    let job = begun
    for (const n of [1, 2, 3]) job = await pull(job, `v-${n}`, 'edition', 'accepted')
    expect(await phaseOf(begun.slug)).toBe('edition')
    job = await pull(await pull(job, 'rich'), 'pale')
    await approveBat(
      job.id,
      job.revision,
      {
        proofPullId: 'rich',
        otherProofPullId: 'pale',
        tolerances: {},
        approvedBy: 'Bryn Ash',
        reason: '',
      },
      at(15),
    )
    job = await again(begun.slug)
    for (const n of [4, 5]) job = await pull(job, `v-${n}`, 'edition', 'accepted')
    expect(job.pulls.filter(({ kind }) => kind === 'edition').map(({ batVersion }) => batVersion)).toEqual([
      null,
      null,
      null,
      1,
      1,
    ])
    const sorted = [1, 2, 3, 4, 5].map((n) => ({ pullId: `v-${n}`, kind: 'edition' as const }))
    await giveNumbers(
      job.id,
      job.revision,
      { style: 'roman', marking: 'varied', sorted: [...sorted, { pullId: 'rich', kind: 'BAT' }] },
      at(40),
    )
    const marks = (await again(begun.slug)).prints.map(({ mark }) => mark)
    expect(marks).toEqual(['E.V. 1/5', 'E.V. 2/5', 'E.V. 3/5', 'E.V. 4/5', 'E.V. 5/5', 'BAT'])
  })
})

describe('what a purpose asks', () => {
  it('an edition, and a series, are asked how many; a test is not', async () => {
    const titled = { title: 'Two gulls', artist: 'Bryn Ash' }
    await expect(createJob({ ...titled, purpose: 'edition' }, at())).rejects.toMatchObject({
      issues: [{ path: ['editionSize'] }],
    })
    await expect(createJob({ ...titled, purpose: 'test' }, at())).resolves.toHaveProperty('slug')
  })
  it('an edition still wants every station and a BAT, and its proofs are not kept as prints', async () => {
    const begun = await begin('edition', 3)
    await expect(pull(begun, 'proof-1')).rejects.toMatchObject({
      problems: [{ message: 'Before a pull: Wipe, Register need you.' }],
    })
    const whole = await approvedJob()
    await expect(keepPull(whole.slug, 'proof-1')).rejects.toMatchObject({
      problems: [{ message: 'Only a pull of the edition is accepted or rejected.' }],
    })
  })
  it('changed after pulls loses nothing: the BAT stays and holds, and kept proofs stay prints', async () => {
    const edition = await approvedJob()
    await setPurpose(edition.id, edition.revision, 'unique')
    const held = await pull(await again(edition.slug), 'e-1', 'edition', 'accepted')
    expect(held.bats).toHaveLength(1)
    expect(held.pulls.at(-1)?.batVersion).toBe(1)
    expect(held.editionSize).toBe(2)
    const back = await setPurpose(held.id, held.revision, 'edition')
    expect((await again(edition.slug)).purpose).toBe('edition')

    const test = await keepPull((await pull(await begin('test'), 'trial-1')).slug, 'trial-1')
    await setPurpose(test.id, test.revision, 'edition')
    const after = await again(test.slug)
    expect(readThrough(after)).toMatchObject({ through: 1, left: 0 })
    await expect(pull(after, 'e-2', 'edition')).rejects.toMatchObject({
      problems: [{ message: expect.stringContaining('First approve a proof as BAT') }],
    })
    await expect(setPurpose(held.id, back, 'raffle')).rejects.toThrow()
  })
})
