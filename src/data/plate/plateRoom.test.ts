import { describe, expect, it } from 'vitest'
import { endBath, loadBaths, makeBathCard, recordBathUse } from './baths'
import { keepBitePlan, keepStrip, loadBitePlan, loadStrips } from './bites'
import { keepWeighIn, loadWeighIns } from '../paper/soaks'
import { addPaper } from '../shop/store'
import { at, benchedJob, openWorkshop } from '../shop/workshop.test.fixture'

openWorkshop()

const bath = {
  name: 'Blue tray',
  recipe: 'saline-sulphate-aluminium' as const,
  volumeMl: 500,
  by: 'Ida Quill',
  note: '',
}
const use = {
  plate: 'Samphire',
  openAreaCm2: 40,
  minutes: 9,
  depthMicrometres: 80,
  lossGrams: null,
  by: 'Ida Quill',
}
const strip = {
  points: [1, 2, 4, 8].map((minutes) => ({ minutes, tone: 1 - Math.exp(-minutes / 3) })),
  temperatureC: 20,
}

describe('bath cards', () => {
  it('keep what was bitten, in order, until they are ended', async () => {
    const id = await makeBathCard(bath, at())
    await recordBathUse(id, use, at(1))
    await recordBathUse(id, { ...use, depthMicrometres: null, lossGrams: 0.4 }, at(2))
    await endBath(id, at(3))
    expect(await loadBaths()).toMatchObject([
      { id: 'blue-tray', madeAt: at(), endedAt: at(3), uses: [{ depthMicrometres: 80 }, { lossGrams: 0.4 }] },
    ])
    await expect(recordBathUse(id, use, at(4))).rejects.toThrow('was ended')
    await expect(endBath(id, at(5))).rejects.toThrow('not in this workshop')
  })
  it('refuse no volume, unknown salts and a use without depth or weight', async () => {
    await expect(makeBathCard({ ...bath, volumeMl: 0 }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['volumeMl'] })],
    })
    await expect(makeBathCard({ ...bath, recipe: 'vinegar' as never }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['recipe'] })],
    })
    const id = await makeBathCard(bath, at())
    await expect(recordBathUse(id, { ...use, depthMicrometres: null }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['depthMicrometres'] })],
    })
    await expect(recordBathUse('nowhere', use, at())).rejects.toThrow('not in this workshop')
  })
})

describe('test strips and bite plans', () => {
  it('are kept, and the newest plan of a job holds', async () => {
    const job = await benchedJob()
    const id = await keepStrip('Zinc, tray 2', strip, at())
    const plan = { areas: [{ name: 'sky', tone: 0.3 }], bathC: 18 }
    await keepBitePlan(job.id, id, plan, at())
    await keepBitePlan(job.id, id, { ...plan, bathC: 22 }, at(1))
    expect(await loadBitePlan(job.id)).toEqual({ stripId: id, plan: { ...plan, bathC: 22 } })
    expect(await loadStrips()).toEqual([{ id: 'zinc-tray-2', name: 'Zinc, tray 2', strip }])
    expect(await loadBitePlan('other')).toBeNull()
    await expect(keepBitePlan(job.id, 'nowhere', plan, at())).rejects.toThrow('not in this workshop')
    await expect(keepStrip('x', { ...strip, points: strip.points.slice(0, 2) }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['points'] })],
    })
  })
})

describe('weigh-ins of a paper', () => {
  it('are kept as water taken up, and a damp sheet lighter than the dry one is refused', async () => {
    await addPaper(
      {
        name: 'Heron',
        gsm: 300,
        caliperMm: 0.5,
        sheetWidthMm: 300,
        sheetHeightMm: 250,
        grain: 'long',
        sheetsReceived: 5,
        note: '',
      },
      new Array<number>(36).fill(0.9),
    )
    await keepWeighIn({ paperId: 'heron', seconds: 60, dryGrams: 20, dampGrams: 31 }, at())
    expect(await loadWeighIns()).toEqual([
      { paperId: 'heron', seconds: 60, uptakePercent: expect.closeTo(55, 9) },
    ])
    await expect(
      keepWeighIn({ paperId: 'heron', seconds: 60, dryGrams: 20, dampGrams: 19 }, at()),
    ).rejects.toMatchObject({ issues: [expect.objectContaining({ path: ['dampGrams'] })] })
    await expect(
      keepWeighIn({ paperId: 'nowhere', seconds: 60, dryGrams: 20, dampGrams: 21 }, at()),
    ).rejects.toThrow('not in this workshop')
  })
})
