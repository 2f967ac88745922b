import { describe, expect, it } from 'vitest'
import { originOf } from '@/core/prove/settingOrigins'
import { compareSettings } from '@/core/prove/compareSettings'
import { workAhead } from '@/core/record/workAhead'
import { addWatchSpot, loadWatchSpots } from '../plate/plateWatch'
import { cancelPlate } from '../dry/cancellation'
import { giveNumbers } from '../dry/prints'
import { openNextState } from '../plate/plateStates'
import { printJobAgain } from './jobAgain'
import { createJob, loadJob } from './jobs'
import { approvedJob, at, benchedJob, openWorkshop, pull } from './workshop.test.fixture'

openWorkshop()

describe('a job begun from one that was printed', () => {
  it('has its settings as carried over, its plate with state, flaws and every pull it made, and can be pulled at once', async () => {
    const begun = await benchedJob()
    await openNextState(begun.id, begun.revision, 'Burr scraped back', at(1))
    const source = await pull(await pull(await loadJob(begun.slug), 'proof-1'), 'proof-2')
    await addWatchSpot(source.id, { state: 2, at: [10, 10], note: 'Scratch', seenAt: at(2), by: 'Ida Quill' })
    const { slug } = await printJobAgain(
      { jobId: source.id, title: 'Mooring posts, again', prints: 7 },
      at(40),
    )
    const again = await loadJob(slug)
    expect(again).toMatchObject({ artist: source.artist, purpose: 'edition', editionSize: 7, pulls: [] })
    const [{ bench, earlierPulls }] = again.runs
    expect(compareSettings(source.pulls[1].settings, bench)).toEqual([])
    expect(originOf(bench, { path: 'press.readingLeft' })).toBe('carried')
    expect(earlierPulls).toBe(2)
    expect(bench.plate?.state).toBe(2)
    expect(again.plateStates.map(({ note }) => note)).toEqual(['', 'Burr scraped back'])
    expect((await loadWatchSpots(again.id)).map(({ note }) => note)).toEqual(['Scratch'])
    expect(workAhead(await pull(again, 'proof-3')).pullsFromPlate).toBe(3)
    // What was is as it was.
    expect((await loadJob(source.slug)).pulls).toHaveLength(2)
    expect(await loadWatchSpots(source.id)).toHaveLength(1)
  })
  it('printed once more, counts the pulls of both', async () => {
    const first = await approvedJob()
    const second = await printJobAgain({ jobId: first.id, title: 'Second', prints: 2 }, at(40))
    const pulled = await pull(await loadJob(second.slug), 'proof-2')
    const third = await printJobAgain({ jobId: pulled.id, title: 'Third', prints: 2 }, at(50))
    expect((await loadJob(third.slug)).runs[0].earlierPulls).toBe(2)
  })
  it('is refused of a plate that was struck', async () => {
    const job = await approvedJob(1)
    const printed = await pull(job, 'e-1', 'edition', 'accepted')
    await giveNumbers(
      printed.id,
      printed.revision,
      {
        style: 'roman',
        sorted: [
          { pullId: 'e-1', kind: 'edition' },
          { pullId: 'proof-1', kind: 'BAT' },
        ],
      },
      at(40),
    )
    const numbered = await loadJob(job.slug)
    await cancelPlate(
      job.id,
      numbered.revision,
      {
        id: 'strike',
        how: 'Scored across',
        zone: 'Etc/UTC',
        hands: { inked: 'Ida Quill', wiped: 'Ida Quill', laid: null },
      },
      at(50),
    )
    await expect(printJobAgain({ jobId: job.id, title: 'Again', prints: 1 }, at(60))).rejects.toMatchObject({
      problems: [{ message: 'The plate was cancelled: it prints no more.' }],
    })
  })
  it('is refused where nothing was pulled, in words', async () => {
    const bare = await createJob({ title: 'Bare', artist: 'Ida Quill', editionSize: 1 }, at())
    await expect(printJobAgain({ jobId: bare.id, title: 'Again', prints: 1 }, at(40))).rejects.toMatchObject({
      problems: [{ message: 'It was never pulled whole: there are no settings to print it by again.' }],
    })
    await expect(printJobAgain({ jobId: 'nobody', title: 'Again', prints: 1 }, at(40))).rejects.toThrow(
      'This job',
    )
  })
})
