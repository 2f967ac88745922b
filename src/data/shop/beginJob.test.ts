import { describe, expect, it } from 'vitest'
import { completeBench } from '@/core/prove/completeBench'
import { leftAsLaidOut } from '@/core/prove/settingOrigins'
import { showUnits, shownUnits } from '@/core/units/shownUnits'
import { showTongue, shownTongue } from '@/core/units/tradeWords'
import { openDatabase } from '../database/database'
import { readRows } from '../database/readRows'
import { beginJob, type BeginJob } from './beginJob'
import { listJobs, loadJob } from './jobs'
import { addPaper, loadStore, sheetsLeftOf } from './store'
import { enterStock } from './stock'
import { typicalStock } from './typicalShelf'
import { keepTongue } from './tongue'
import { keepUnitOrder } from './unitOrder'
import { at, openWorkshop, pull } from './workshop.test.fixture'

openWorkshop()

const BEGUN: BeginJob = {
  job: { title: 'Reeds', artist: 'Ida Quill', purpose: 'unique' },
  plate: { kind: 'plastic-drypoint', size: { widthMm: 120, heightMm: 90 } },
  ink: { name: 'Harbour black', lab: { L: 18, a: 0, b: 0 }, covering: 'half-covering' },
  paper: { name: 'Heron', gsm: 300, size: { widthMm: 560, heightMm: 760 }, sheet: null },
  press: { kind: 'geared', way: 'gauge', reading: 30 },
}

describe('a job begun with all that can be said', () => {
  it('brings its own ink, paper and press, sets every station, and opens the plate’s first state', async () => {
    const { slug } = await beginJob(BEGUN, at())
    const store = await loadStore()
    expect(store.inks.map(({ name }) => name)).toContain('Harbour black')
    expect(store.papers.find(({ name }) => name === 'Heron')).toMatchObject({ gsm: 300, sheetsLeft: null })
    expect(store.presses).toMatchObject([{ name: 'Geared press', kind: 'geared' }])
    const job = await loadJob(slug)
    const { bench } = job.runs[0]
    expect(completeBench(bench, 'unique')).not.toBeNull()
    expect(bench.press).toMatchObject({ readingLeft: 30, readingRight: 30, pressId: store.presses[0].id })
    expect(leftAsLaidOut(bench).some(({ path }) => path.startsWith('press.reading'))).toBe(false)
    const { tables } = await openDatabase()
    expect(await tables.plate_states.count({ where: { jobId: job.id, state: 1 } })).toBe(1)
  })
  it('a bare title is enough: the shelves get typical things that nobody counted, and no press', async () => {
    await beginJob({ job: { title: 'Reeds', artist: 'Ida Quill', editionSize: 3 } }, at())
    const { inks, papers, presses } = await loadStore()
    expect(inks.map(({ id }) => id)).toEqual(typicalStock().inks.map(({ id }) => id))
    expect(papers.every(({ sheetsLeft }) => sheetsLeft === null)).toBe(true)
    expect(inks.every(({ gramsNow }) => gramsNow === null)).toBe(true)
    expect(presses).toEqual([])
  })
  it('typed in inches, a workshop that never said reads inches first from then on; one that said is asked nothing', async () => {
    try {
      const units = async () => {
        const { tables } = await openDatabase()
        return (await readRows(tables.unit_orders, {})).map((row) => row.units)
      }
      await beginJob({ ...BEGUN, units: 'metric' }, at())
      expect(await units()).toEqual([])
      await beginJob({ ...BEGUN, units: 'inches' }, at())
      expect(await units()).toEqual(['inches'])
      expect(shownUnits()).toBe('inches')
      expect(shownTongue()).toBe('american')
      await keepUnitOrder('metric', at(1))
      await keepTongue('british', at(1))
      await beginJob({ ...BEGUN, units: 'inches' }, at(2))
      expect(await units()).toEqual(['inches', 'metric'])
      expect(shownUnits()).toBe('metric')
      expect(shownTongue()).toBe('british')
    } finally {
      showUnits('metric')
      showTongue('british')
    }
  })
  it('nothing typical is put beside what is one’s own', async () => {
    await addPaper(
      {
        name: 'Oat',
        gsm: 160,
        caliperMm: 0.3,
        sheetWidthMm: 300,
        sheetHeightMm: 420,
        grain: 'long',
        sheetsReceived: 5,
        note: '',
      },
      typicalStock().papers[0].reflectance,
    )
    await beginJob({ ...BEGUN, paper: null, ink: { id: 'typical-black' } }, at())
    const { papers, inks } = await loadStore()
    expect(papers.map(({ name }) => name)).toEqual(['Oat'])
    expect(inks.length).toBeGreaterThan(1)
  })
  it.each<[string, Partial<BeginJob>]>([
    ['an ink that is not there', { ink: { id: 'nobody' } }],
    ['a reading off the scale', { press: { kind: 'geared', way: 'gauge', reading: 900 } }],
    ['a way its kind is not read', { press: { kind: 'baren', way: 'gauge', reading: null } }],
    ['a plate larger than its sheet', { plate: { kind: 'slab', size: { widthMm: 900, heightMm: 900 } } }],
    ['a colour no ink has', { ink: { name: 'Lamp', lab: { L: 100, a: 120, b: 120 }, covering: 'covering' } }],
    ['no size of an edition', { job: { title: 'Reeds', artist: 'Ida Quill', purpose: 'edition' } }],
  ])('refuses %s, and leaves nothing behind', async (_, part) => {
    await expect(beginJob({ ...BEGUN, ...part }, at())).rejects.toThrow()
    expect(await listJobs()).toEqual([])
    const { tables } = await openDatabase()
    expect(await tables.presses.count()).toBe(0)
    expect(await tables.papers.count()).toBe(0)
  })
  it.each(['counted', 'received'] as const)(
    'a paper nobody counted counts from its first entry (%s) on, less what the press takes after it',
    async (kind) => {
      const { slug } = await beginJob(BEGUN, at())
      const job = await pull(await loadJob(slug), 'before')
      expect(await sheetsLeftOf('heron')).toBeNull()
      await enterStock({ paperId: 'heron', kind, sheets: 10, lot: '', by: 'Ida Quill' }, at())
      expect(await sheetsLeftOf('heron')).toBe(10)
      await pull(job, 'after')
      expect(await sheetsLeftOf('heron')).toBe(9)
    },
  )

  it('begins as an earlier job printed well by, with what is said otherwise', async () => {
    const { id, slug } = await beginJob(BEGUN, at())
    await pull(await loadJob(slug), 'first')
    const job = { title: 'Rushes', artist: 'Ida Quill', purpose: 'unique' as const }
    const next = await beginJob(
      { job, fromJobId: id, press: { kind: 'baren', way: 'hand', reading: null } },
      at(5),
    )
    const [before, after] = [(await loadJob(slug)).runs[0].bench, (await loadJob(next.slug)).runs[0].bench]
    expect(after.ink).toEqual(before.ink)
    expect(after.plate).toEqual({ ...before.plate, name: 'Rushes' })
    expect(after.press!.name).toBe('Baren or spoon')
    await expect(beginJob({ job, fromJobId: 'nobody' }, at(6))).rejects.toThrow()
  })
})
