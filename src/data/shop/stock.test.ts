import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { keepBlotting, loadBlottings } from '../paper/blottings'
import { jobNeed } from '@/core/record/jobNeed'
import { workAhead } from '@/core/record/workAhead'
import { addRun } from '../across/runs'
import { loadJob } from './jobs'
import { enterStock, loadReservations, loadStockBook } from './stock'
import { changePaper, loadStore, setPaperColour, stockStore } from './store'
import { approvedJob, at, benchedJob, openWorkshop, pull } from './workshop.test.fixture'
import { NOTHING_BESIDE } from '@/core/record/nothingBeside.test.fixture'

openWorkshop()

const { paperId, name, gsm, caliperMm, sheetWidthMm, sheetHeightMm, grain } = sampleSettings.paper
const stocked = () =>
  stockStore({
    inks: [],
    presses: [],
    packs: [],
    papers: [
      {
        id: paperId,
        name,
        gsm,
        caliperMm,
        sheetWidthMm,
        sheetHeightMm,
        grain,
        reflectance: new Array<number>(36).fill(0.85),
        sheetsReceived: 10,
        note: '',
      },
    ],
  })
const enter = (kind: 'received' | 'counted' | 'sample' | 'spoiled', sheets: number) =>
  enterStock({ paperId, kind, sheets, lot: 'H-2', by: 'Ida Quill' }, at())
const left = async () => (await loadStore()).papers[0].sheetsLeft

describe('the stock book of a paper', () => {
  it('goes with the pulls: what came in, was kept and was counted', async () => {
    await stocked()
    await pull(await pull(await benchedJob(), 'p1'), 'p2')
    expect(await left()).toBe(8)
    await enter('received', 25)
    await enter('sample', 1)
    expect(await left()).toBe(32)
    await enter('counted', 30)
    expect(await left()).toBe(30)
    expect(
      (await loadStockBook(paperId)).map(({ kind, sheets, change, lot, by }) => [
        kind,
        sheets,
        change,
        lot,
        by,
      ]),
    ).toEqual([
      ['counted', 30, -2, 'H-2', 'Ida Quill'],
      ['sample', 1, -1, 'H-2', 'Ida Quill'],
      ['received', 25, 25, 'H-2', 'Ida Quill'],
    ])
  })
  it('never goes below none by an entry, and keeps nothing of one that is refused', async () => {
    await stocked()
    await expect(enter('spoiled', 11)).rejects.toMatchObject({
      problems: [{ field: 'sheets', message: 'only 10 lie there by the book: count them first' }],
    })
    await expect(
      enterStock({ paperId: 'nobody', kind: 'received', sheets: 1, lot: '', by: 'Ida Quill' }, at()),
    ).rejects.toThrow('This paper')
    expect(await loadStockBook(paperId)).toEqual([])
    expect(await left()).toBe(10)
  })
  it('what is said of a paper changes, and nothing else of it', async () => {
    await stocked()
    await changePaper(paperId, {
      fibre: 'cotton',
      sizing: 'hard',
      sides: 'felt',
      pricePerSheet: 4.2,
      lowAt: 5,
      note: 'Good.',
    })
    expect((await loadStore()).papers[0]).toMatchObject({
      name,
      gsm,
      sizing: 'hard',
      pricePerSheet: 4.2,
      lowAt: 5,
      note: 'Good.',
    })
    await expect(
      changePaper('nobody', {
        fibre: '',
        sizing: 'soft',
        sides: '',
        pricePerSheet: null,
        lowAt: null,
        note: '',
      }),
    ).rejects.toThrow('This paper')
  })
})

describe('sheets kept back', () => {
  it('by every job under way that has the paper on its bench; a full edition keeps none', async () => {
    const job = await approvedJob(2)
    const [first] = await loadReservations()
    expect(first).toMatchObject({ jobId: job.id, title: 'Mooring posts', paperId })
    expect(first.sheets).toBeGreaterThanOrEqual(2)
    await pull(await pull(job, 'e1', 'edition', 'accepted'), 'e2', 'edition', 'accepted')
    expect(await loadReservations()).toEqual([])
  })
  it('are as many as the job itself says it takes, proofs and all its runs counted', async () => {
    const own = async (slug: string) => {
      const job = await loadJob(slug)
      const need = jobNeed(job.runs[0].bench, workAhead(job), NOTHING_BESIDE)
      return [{ jobId: job.id, sheets: need.sheets }]
    }
    const kept = async () => (await loadReservations()).map(({ jobId, sheets }) => ({ jobId, sheets }))
    const proving = await benchedJob(5)
    expect(await kept()).toEqual(await own(proving.slug))
    const [{ sheets: one }] = await kept()
    await addRun(proving.id, proving.revision, { name: 'Red plate' })
    expect(await kept()).toEqual(await own(proving.slug))
    // A second run loses prints too: more sheets are begun.
    expect((await kept())[0].sheets).toBeGreaterThan(one)
  })
})

describe('blottings', () => {
  it('are kept with their paper, and refused where they cannot be', async () => {
    await stocked()
    const blotting = { paperId, tool: 'blotters' as const, strokes: 3, beforePercent: 70, afterPercent: 58 }
    await keepBlotting(blotting, at())
    expect(await loadBlottings()).toEqual([blotting])
    await expect(keepBlotting({ ...blotting, afterPercent: 80 }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['afterPercent'] })],
    })
    await expect(keepBlotting({ ...blotting, paperId: 'nobody' }, at())).rejects.toThrow('This paper')
  })
})

it('a paper is ordinary rag until its colour is set, and then every forecast on it begins there', async () => {
  await stocked()
  const { reflectance, colourFrom } = (await loadStore()).papers[0]
  expect(colourFrom).toBe('taken')
  await setPaperColour(paperId, { from: 'picked', lab: { L: 82, a: 4, b: 30 } })
  const [ochre] = (await loadStore()).papers
  expect(ochre.colourFrom).toBe('picked')
  expect(ochre.reflectance[5]).toBeLessThan(reflectance[5])
  await expect(setPaperColour('nowhere', { from: 'read', reflectance })).rejects.toThrow(/This paper/)
  await expect(setPaperColour(paperId, { from: 'chosen', lab: { L: 99, a: 80, b: 80 } })).rejects.toThrow(
    /no paper can have this colour/,
  )
})
