import { cpSync, existsSync, readdirSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { sampleFolder } from './sampleFolder.test.fixture'
import { closeDatabase, openDatabase } from '@/data/database/database'
import { dataFolder } from '@/data/database/dataFolder'
import { checkDatabase } from '@/data/database/snapshot'
import { keepBitePlan, loadBitePlan, loadStrips } from '@/data/plate/bites'
import { createJob, listJobs, loadJob, saveStation } from '@/data/shop/jobs'
import { nameWorkshop, workshopName } from '@/data/shop/mornings'
import { hasSample, takeSampleAway } from '@/data/shop/sample'
import { loadStore } from '@/data/shop/store'
import { at, openWorkshop, pull } from '@/data/shop/workshop.test.fixture'

const sample = sampleFolder()
openWorkshop()

/** All rows of all tables. */
async function everything(): Promise<Record<string, unknown[]>> {
  const { sequelize } = await openDatabase()
  const select = async (sql: string) => (await sequelize.query(sql))[0] as Record<string, unknown>[]
  const tables = await select(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name",
  )
  const rows = await Promise.all(tables.map(({ name }) => select(`SELECT * FROM "${String(name)}"`)))
  return Object.fromEntries(tables.map(({ name }, i) => [String(name), rows[i]]))
}
const picturesHere = () => {
  const folder = path.join(dataFolder(), 'pictures')
  return existsSync(folder) ? readdirSync(folder) : []
}

/** The sample in the workshop itself, as earlier releases laid it out. */
async function laidOutBefore(): Promise<void> {
  await closeDatabase()
  cpSync(sample(), dataFolder(), { recursive: true })
  cpSync(path.join(sample(), 'typothesis.sqlite'), path.join(dataFolder(), 'sample.sqlite'))
}
/** What a database holds of itself. */
const ITS_OWN = new Set(['migrations', 'acts', 'unit_orders'])

describe('the sample in a workshop', () => {
  it('is taken away without a trace', async () => {
    await laidOutBefore()
    expect(hasSample()).toBe(true)
    expect((await listJobs()).map(({ slug }) => slug).sort()).toEqual([
      'mooring-posts',
      'samphire',
      'the-pilot-s-window',
      'two-tides',
    ])
    expect(picturesHere().sort()).toEqual(readdirSync(path.join(sample(), 'pictures')).sort())
    expect((await loadJob('mooring-posts')).pulls.length).toBeGreaterThan(10)
    await takeSampleAway()
    for (const [table, rows] of Object.entries(await everything()))
      if (!ITS_OWN.has(table)) expect(rows, table).toEqual([])
    expect(picturesHere()).toEqual([])
    expect(hasSample()).toBe(false)
    await expect(takeSampleAway()).rejects.toThrow('There is no sample')
  })
  it('leaves one’s own jobs and what they use, and takes with it what was done on its own', async () => {
    await laidOutBefore()
    const mooring = await loadJob('mooring-posts')
    await pull(mooring, 'own-pull', 'edition', 'accepted')
    const { id, slug } = await createJob({ title: 'Reed bed', artist: 'Oona Fell', editionSize: 6 }, at())
    const bench = mooring.runs[0].bench
    await saveStation(id, 0, 'ink', bench.ink!, at())
    await saveStation(id, 1, 'paper', bench.paper!, at())
    // A picture, a test strip and a place to dry that came with the sample, in use by a job of one's own.
    const strip = (await loadStrips())[0]
    const planned = (await Promise.all((await listJobs()).map((job) => loadBitePlan(job.id)))).find(Boolean)!
    await keepBitePlan(id, strip.id, planned.plan, at())
    const picture = picturesHere()[0]
    const { tables } = await openDatabase()
    await tables.plate_states.create({ jobId: id, state: 2, note: '', openedAt: at(), imageId: picture })
    const [place] = (await tables.drying_places.findAll()).map((row) => String(row.get('id')))
    await tables.drying_loads.create({
      placeId: place,
      jobId: id,
      sheets: 3,
      laidAt: at(),
      readyAt: at(9),
      by: 'Oona Fell',
      takenOutAt: null,
    })
    await nameWorkshop('Our own', at())
    await takeSampleAway()
    expect(await loadBitePlan(id)).toMatchObject({ stripId: strip.id })
    expect((await loadJob(slug)).plateStates.at(-1)).toMatchObject({ imageId: picture })
    expect(picturesHere()).toEqual([picture])
    expect(await tables.drying_loads.count({ where: { placeId: place } })).toBe(1)
    const jobs = await listJobs()
    expect(jobs.map((job) => job.slug)).toEqual([slug])
    expect((await loadJob(slug)).runs[0].bench).toMatchObject({ ink: bench.ink, paper: bench.paper })
    const { inks, papers, presses } = await loadStore()
    const used = bench.ink!.mixes.flatMap(({ parts }) => parts.map(({ inkId }) => inkId))
    expect(inks.map((ink) => ink.id).sort()).toEqual([...new Set(used)].sort())
    expect(papers.map((paper) => paper.id)).toEqual([bench.paper!.paperId])
    expect(presses).toEqual([])
    expect(await workshopName()).toBe('Our own')
    expect(Object.values(await everything()).flat().length).toBeGreaterThan(0)
    await checkDatabase(path.join(dataFolder(), 'typothesis.sqlite'))
  })
})
