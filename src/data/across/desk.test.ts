import { describe, expect, it } from 'vitest'
import type { DeskEntry } from '@/core/edition/deskEntry'
import { EMPTY_RAILS } from '@/core/edition/deskRails'
import { readPull } from '@/core/edition/readPull'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { shareRails, syncDesk } from './desk'
import { setPurpose } from './runs'
import { exportJob, importJob } from '../record/jobFiles'
import { loadJob } from '../shop/jobs'
import { giveNumbers } from '../dry/prints'
import { approvedJob, at, benchedJob, openWorkshop } from '../shop/workshop.test.fixture'

openWorkshop()

const pulled = (
  id: string,
  minute: number,
  more: Partial<Extract<DeskEntry, { kind: 'pull' }>> = {},
): DeskEntry => ({
  kind: 'pull',
  id,
  pullKind: 'edition',
  runPosition: 0,
  pulledAt: at(minute),
  zone: 'Europe/Lisbon',
  estimated: false,
  hands: { inked: 'Ida Quill', wiped: 'Ida Quill', laid: 'Tam Brocket' },
  settings: sampleSettings,
  batVersion: 1,
  by: 'Ida Quill',
  events: [
    { kind: 'eye', reading: 'same' },
    { kind: 'decision', decision: 'accepted', reason: '', fate: null },
  ],
  ...more,
})
const edition = async (slug: string) => (await loadJob(slug)).pulls.filter(({ kind }) => kind === 'edition')

describe('what a desk kept', () => {
  it('is taken in once, however often it is sent, in its order', async () => {
    const { slug } = await approvedJob(5)
    const entries = [pulled('a', 20), pulled('b', 30)]
    expect((await syncDesk(slug, { entries }, at(60))).map(({ outcome }) => outcome)).toEqual([
      'kept',
      'kept',
    ])
    expect(
      (await syncDesk(slug, { entries: [...entries, pulled('c', 40)] }, at(61))).map(
        ({ outcome }) => outcome,
      ),
    ).toEqual(['already', 'already', 'kept'])
    expect((await edition(slug)).map(({ id, number, pulledAt }) => [id, number, pulledAt])).toEqual([
      ['a', 1, at(20)],
      ['b', 2, at(30)],
      ['c', 3, at(40)],
    ])
    expect(readPull((await edition(slug))[0]).decision?.decision).toBe('accepted')
  })
  it('is kept of a job that asks for no BAT', async () => {
    const job = await benchedJob(5)
    await setPurpose(job.id, job.revision, 'unique')
    const [kept] = await syncDesk(job.slug, { entries: [pulled('a', 20, { batVersion: null })] }, at(60))
    expect(kept).toMatchObject({ outcome: 'kept', message: null, given: { number: 1, sheet: 1 } })
  })
  it('of two desks on one edition gets numbers as it is heard: none double, none lost', async () => {
    const { slug } = await approvedJob(40)
    const desk = (name: string) =>
      Array.from({ length: 12 }, (_, i) =>
        syncDesk(slug, { entries: [pulled(`${name}${i}`, 20 + i)] }, at(60)),
      )
    await Promise.all([...desk('left'), ...desk('right')])
    const pulls = await edition(slug)
    expect(pulls.map(({ number }) => number)).toEqual(Array.from({ length: 24 }, (_, i) => i + 1))
    expect(new Set(pulls.map(({ id }) => id)).size).toBe(24)
  })
  it('with a clock set back or ahead is kept as estimated, and said', async () => {
    const { slug } = await approvedJob(5)
    const [first, back, ahead] = await syncDesk(
      slug,
      { entries: [pulled('a', 30), pulled('b', 25), pulled('c', 600)] },
      at(60),
    )
    expect(first.message).toBeNull()
    expect(back.message).toContain('before the pull before it')
    expect(ahead.message).toContain('clock is ahead')
    expect((await edition(slug)).map(({ pulledAt, estimated }) => [pulledAt, estimated])).toEqual([
      [at(30), false],
      [at(25), true],
      [at(60), true],
    ])
  })
  it('an hour offline, with the numbers given meanwhile, is kept without a number', async () => {
    const job = await approvedJob(1)
    await syncDesk(job.slug, { entries: [pulled('a', 20)] }, at(21))
    await giveNumbers(
      job.id,
      (await loadJob(job.slug)).revision,
      {
        sorted: [
          { pullId: 'a', kind: 'edition' },
          { pullId: 'proof-1', kind: 'BAT' },
        ],
        style: 'roman',
      },
      at(40),
    )
    const [late] = await syncDesk(job.slug, { entries: [pulled('late', 25)] }, at(90))
    expect(late).toMatchObject({ outcome: 'kept', message: expect.stringContaining('without a number') })
    expect(readPull((await edition(job.slug))[1]).decision).toMatchObject({
      decision: 'set-aside',
      reason: 'came after the numbers were given',
    })
    const [, amended] = await syncDesk(
      job.slug,
      {
        entries: [
          pulled('late', 25),
          {
            kind: 'amendment',
            id: 'x',
            pullId: 'late',
            events: [{ kind: 'decision', decision: 'accepted', reason: '', fate: null }],
            by: 'Ida',
            at: at(91),
          },
        ],
      },
      at(91),
    )
    expect(amended).toMatchObject({
      outcome: 'kept',
      message: expect.stringContaining('the numbers are given'),
    })
    expect(readPull((await edition(job.slug))[1]).decision).toMatchObject({ decision: 'set-aside' })
  })
  it('taken back is kept beside what was said first, with its reason', async () => {
    const { slug } = await approvedJob(5)
    await syncDesk(
      slug,
      {
        entries: [
          pulled('a', 20),
          {
            kind: 'amendment',
            id: 'x',
            pullId: 'a',
            events: [
              { kind: 'eye', reading: 'lighter' },
              { kind: 'decision', decision: 'set-aside', reason: '', fate: null },
            ],
            by: 'Ida Quill',
            at: at(21),
          },
        ],
      },
      at(22),
    )
    const [pull] = await edition(slug)
    expect(readPull(pull)).toMatchObject({ eye: 'lighter', amended: ['eye', 'decision'] })
    expect(pull.events.at(-1)!.why).toBe('taken back at the desk')
  })
  it('is refused without a BAT; one that cannot be read does not keep the others from being heard', async () => {
    const { slug } = await benchedJob()
    expect((await syncDesk(slug, { entries: [pulled('a', 20)] }, at(60)))[0]).toMatchObject({
      outcome: 'refused',
      message: expect.stringContaining('no BAT'),
    })
    const warm = pulled('b', 20, { pullKind: 'warmup', batVersion: null })
    const long = { ...warm, id: 'd', by: 'I'.repeat(121) }
    expect(
      await syncDesk(
        slug,
        { entries: [warm, { ...pulled('c', 21), zone: 'Nowhere/At all' }, long, { ...warm, id: 'e' }] },
        at(60),
      ),
    ).toMatchObject([
      { id: 'b', outcome: 'kept', given: { number: 1 } },
      { id: 'c', outcome: 'refused', message: expect.stringContaining('The time zone') },
      { id: 'd', outcome: 'refused', message: 'Who inks: must be at most 120 characters.' },
      { id: 'e', message: null, outcome: 'kept', given: { number: 2 } },
    ])
    expect((await loadJob(slug)).pulls.map(({ id }) => id)).toEqual(['b', 'e'])
    await expect(syncDesk('nobody', { entries: [] }, at())).rejects.toThrow('This job')
  })
  it('comes while the pull is in hand; its moment and what was seen follow', async () => {
    const { slug } = await approvedJob(5)
    const bare = pulled('a', 20, { events: [] })
    const [first] = await syncDesk(slug, { entries: [bare] }, at(20))
    expect(first.given).toEqual({ number: 1, sheet: expect.any(Number) })
    expect(readPull((await edition(slug))[0]).decision).toBeNull()
    const shifted: DeskEntry = {
      kind: 'moment',
      id: 'm',
      pullId: 'a',
      pulledAt: at(18),
      by: 'Ida Quill',
      at: at(21),
    }
    const seen: DeskEntry = {
      kind: 'amendment',
      id: 'x',
      pullId: 'a',
      events: [
        { kind: 'eye', reading: 'same' },
        { kind: 'decision', decision: 'accepted', reason: '', fate: null },
      ],
      by: 'Ida Quill',
      at: at(22),
    }
    expect(
      (await syncDesk(slug, { entries: [shifted, seen, shifted] }, at(22))).map(({ outcome }) => outcome),
    ).toEqual(['kept', 'kept', 'already'])
    const [pull] = await edition(slug)
    expect(pull).toMatchObject({ pulledAt: at(18), estimated: true })
    expect(readPull(pull)).toMatchObject({
      momentWas: at(20),
      decision: { decision: 'accepted' },
      amended: [],
    })
    expect(
      (await syncDesk(slug, { entries: [{ ...shifted, id: 'n', pullId: 'nobody' }] }, at(23)))[0],
    ).toMatchObject({
      outcome: 'refused',
      message: 'This pull is not in the job.',
    })
  })
  it('sent again as a whole, since the answer was lost, says nothing twice, and refuses nothing of what was taken back', async () => {
    const { slug } = await approvedJob(5)
    const said = (id: string, decision: 'accepted' | 'set-aside'): DeskEntry => ({
      kind: 'amendment',
      id,
      pullId: 'a',
      events: [{ kind: 'decision', decision, reason: '', fate: null }],
      by: 'Ida Quill',
      at: at(22),
    })
    const first = [pulled('a', 20, { events: [] }), said('x', 'accepted'), said('y', 'set-aside')]
    await syncDesk(slug, { entries: first }, at(23))
    const events = async () => (await loadJob(slug)).pulls.find(({ id }) => id === 'a')!.events.length
    const before = await events()
    const again = await syncDesk(slug, { entries: first }, at(24))
    expect(again.map(({ outcome }) => outcome)).toEqual(['already', 'already', 'already'])
    expect(again[0].given).toMatchObject({ number: 1 })
    expect(await events()).toBe(before)
    const withdrawal: DeskEntry = {
      kind: 'withdrawal',
      id: 'w',
      pullId: 'a',
      pullKind: 'edition',
      by: 'Ida Quill',
      at: at(25),
    }
    await syncDesk(slug, { entries: [withdrawal] }, at(25))
    const all = await syncDesk(slug, { entries: [...first, withdrawal] }, at(26))
    expect(all.map(({ outcome }) => outcome)).toEqual(['already', 'already', 'already', 'already'])
    expect(await edition(slug)).toEqual([])
  })
  it('decides nothing of a warm-up, and keeps what was seen of it', async () => {
    const { slug } = await approvedJob(5)
    await syncDesk(slug, { entries: [pulled('w', 20, { pullKind: 'warmup', events: [] })] }, at(20))
    await syncDesk(
      slug,
      {
        entries: [
          {
            kind: 'amendment',
            id: 'x',
            pullId: 'w',
            events: [
              { kind: 'eye', reading: 'darker' },
              { kind: 'decision', decision: 'accepted', reason: '', fate: null },
            ],
            by: 'Ida Quill',
            at: at(22),
          },
        ],
      },
      at(22),
    )
    const warm = (await loadJob(slug)).pulls.find(({ id }) => id === 'w')!
    expect(readPull(warm)).toMatchObject({ eye: 'darker', decision: null })
  })
  it('travels with the job: faults, meeting and roller time', async () => {
    const { slug } = await approvedJob(5)
    await syncDesk(
      slug,
      {
        entries: [
          pulled('a', 20, {
            events: [
              {
                kind: 'meeting',
                starts: [{ rail: 'plate', step: 'Ink', plannedSeconds: 200, secondsBefore: 310 }],
              },
              { kind: 'roller', seconds: 9.5 },
              { kind: 'fault', where: 7, what: 'starved' },
              { kind: 'fault', where: 3, what: 'smear' },
              { kind: 'decision', decision: 'accepted', reason: '', fate: null },
            ],
          }),
        ],
      },
      at(60),
    )
    const copy = await importJob(JSON.parse(JSON.stringify(await exportJob(slug, at(70)))))
    expect(readPull((await edition(copy))[0])).toMatchObject({
      rollerSeconds: 9.5,
      wipeSeconds: 310,
      faults: [
        { where: 7, what: 'starved' },
        { where: 3, what: 'smear' },
      ],
    })
  })
})

describe('the rails', () => {
  it('of two devices are one, in the order the server hears; asking changes nothing', async () => {
    const { slug } = await approvedJob()
    const say = (...words: object[]) => shareRails(slug, { words }, at())
    await say({ rail: 'plate', begun: [1000], base: 0 })
    const both = await say({ rail: 'sheet', begun: [2000], base: 0 })
    expect(both).toEqual({ plate: { begun: [1000], sequence: 1 }, sheet: { begun: [2000], sequence: 1 } })
    expect(await say()).toEqual(both)
    // From a state that is past, whatever its clock says.
    expect(await say({ rail: 'plate', begun: [8e15], base: 0 })).toEqual(both)
    expect((await say({ rail: 'plate', begun: [], base: 1 })).plate).toEqual({ begun: [], sequence: 2 })
    expect((await shareRails((await approvedJob()).slug, { words: [] }, at())).plate).toEqual(
      EMPTY_RAILS.plate,
    )
  })
})
