import { describe, expect, it } from 'vitest'
import { goesAt } from '@/core/prove/placeOfJob'
import { onShelf } from '@/core/units/onShelf'
import { openDatabase } from '../database/database'
import { exportJob } from '../record/jobFiles'
import { loadJob } from './jobs'
import { emptyShelves, layThing, whatGoes, type LayThing } from './shelves'
import { addPress } from '../press/presses'
import { loadStore, stockStore, type Store } from './store'
import { typicalStock } from './typicalShelf'
import { approvedJob, at, openWorkshop } from './workshop.test.fixture'

openWorkshop()

/** A job, and shelves on which its own paper and ink lie beside others. */
async function jobOnShelves() {
  const job = await approvedJob()
  const { paper, ink } = job.runs[0].bench
  const stock = typicalStock()
  stock.papers[0].id = paper!.paperId
  stock.inks[0].id = ink!.mixes[0].parts[0].inkId
  await stockStore(stock)
  return job
}
const day = (days: number) => new Date(Date.parse(at()) + days * 86_400_000).toISOString()
const idsOf = (store: Store) => store.papers.map(({ id }) => id)

describe('a thing of the shelves', () => {
  it('that is put away is offered to nobody, and is kept by the job that has it', async () => {
    const job = await jobOnShelves()
    const press = await addPress({
      name: 'Attic press',
      rollerRadiusMm: 45,
      bedWidthMm: 400,
      kind: 'two-screw',
      note: '',
    })
    const { paper, ink } = job.runs[0].bench
    const things: [LayThing['shelf'], string][] = [
      ['papers', paper!.paperId],
      ['inks', ink!.mixes[0].parts[0].inkId],
      ['presses', press.id],
      ['packs', (await loadStore()).packs[0].id],
    ]
    for (const [shelf, thing] of things) {
      await layThing({ shelf, thing, isAway: true }, at())
      const store = await loadStore()
      const away = store[shelf].find(({ id }) => id === thing)
      expect(away?.putAwayAt).toBe(at())
      expect(
        onShelf<{ id: string; putAwayAt?: string | null }>(store[shelf]).map(({ id }) => id),
      ).not.toContain(thing)
    }
    expect(await loadJob(job.slug)).toEqual(job)
    // Where it lies is this workshop’s own business, and goes with no job.
    expect(JSON.stringify(await exportJob(job.slug, at()))).not.toContain('putAwayAt')
    for (const [shelf, thing] of things) await layThing({ shelf, thing, isAway: false }, at())
    const store = await loadStore()
    for (const [shelf] of things) expect(store[shelf].map(({ putAwayAt }) => putAwayAt)).not.toContain(at())
  })
  it('that a job speaks of stays for ever; another goes after thirty days, and no day before', async () => {
    const job = await jobOnShelves()
    const used = job.runs[0].bench.paper!.paperId
    const before = idsOf(await loadStore())
    const idle = before.find((id) => id !== used)!
    for (const thing of [used, idle]) await layThing({ shelf: 'papers', thing, isAway: true }, at())
    expect(await whatGoes()).toEqual({ [`papers ${used}`]: null, [`papers ${idle}`]: goesAt(at()) })
    expect(await emptyShelves(day(29.9))).toBe(0)
    expect(await emptyShelves(day(30))).toBe(1)
    expect(idsOf(await loadStore())).toEqual(before.filter((id) => id !== idle))
    expect(await emptyShelves(day(4000))).toBe(0)
    const { tables } = await openDatabase()
    expect(await tables.put_away.count()).toBe(1)
  })
  it('that is a set of blankets is known by what it is called, as settings have it', async () => {
    const job = await jobOnShelves()
    const [used, idle] = (await loadStore()).packs
    const { packName } = job.runs[0].bench.press!
    const { tables } = await openDatabase()
    await tables.packs.update({ name: packName }, { where: { id: used.id } })
    for (const { id } of [used, idle]) await layThing({ shelf: 'packs', thing: id, isAway: true }, at())
    expect(await whatGoes()).toEqual({ [`packs ${used.id}`]: null, [`packs ${idle.id}`]: goesAt(at()) })
  })
  it('that is in no shelf cannot be put away', async () => {
    await expect(layThing({ shelf: 'inks', thing: 'nothing', isAway: true }, at())).rejects.toThrow()
  })
})
