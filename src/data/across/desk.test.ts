import { describe, expect, it } from 'vitest'
import { EMPTY_RAILS, type DeskEntry } from '@/core/edition/deskEntry'
import { readPull } from '@/core/edition/pull'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { shareRails, syncDesk } from './desk'
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
    expect(amended).toMatchObject({ outcome: 'refused' })
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
  it('is refused without a BAT, and not a line of a broken bundle is kept', async () => {
    const { slug } = await benchedJob()
    expect((await syncDesk(slug, { entries: [pulled('a', 20)] }, at(60)))[0]).toMatchObject({
      outcome: 'refused',
      message: expect.stringContaining('no BAT'),
    })
    await expect(
      syncDesk(
        slug,
        {
          entries: [pulled('b', 20, { pullKind: 'warmup' }), { ...pulled('c', 20), zone: 'Nowhere/At all' }],
        },
        at(60),
      ),
    ).rejects.toMatchObject({ issues: [expect.objectContaining({ path: ['entries', 1, 'zone'] })] })
    expect((await loadJob(slug)).pulls).toEqual([])
    await expect(syncDesk('nobody', { entries: [] }, at())).rejects.toThrow('This job')
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
  it('of two devices are one: of each rail the later word holds', async () => {
    const { slug } = await approvedJob()
    await shareRails(slug, { ...EMPTY_RAILS, plate: { begun: [1000], changedAt: 1000 } }, at())
    const clean = await shareRails(slug, { ...EMPTY_RAILS, sheet: { begun: [2000], changedAt: 2000 } }, at())
    expect(clean).toEqual({
      plate: { begun: [1000], changedAt: 1000 },
      sheet: { begun: [2000], changedAt: 2000 },
    })
    expect(await shareRails(slug, { ...clean, plate: { begun: [], changedAt: 500 } }, at())).toEqual(clean)
  })
})
