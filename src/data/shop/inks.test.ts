import { describe, expect, it } from 'vitest'
import { sampleMix } from '@/core/prove/sampleSettings.test.fixture'
import { inkOf } from '@/core/ink/mix'
import { batchContents } from '@/core/ink/mixCard'
import { UNKNOWN_TUBE } from '@/core/ink/shelfInk'
import { USUAL_CALIBRATION } from '@/core/ink/stiffness'
import { keepCalibration, keepInkWeighing, loadCalibration, loadInkWeighings } from '../ink/calibrations'
import { addToBatch, keepCard, loadCards, makeBatch, measureBatch } from '../ink/cards'
import { addInks, keepTube, loadInks, type NewInk } from './inks'
import { loadJob, saveStation } from './jobs'
import { at, benchedJob, openWorkshop, pull } from './workshop.test.fixture'

openWorkshop()

const flat = new Array<number>(36).fill(0.1)
const ink = (name: string, more: Partial<NewInk> = {}): NewInk => ({
  name,
  kind: 'oil',
  k: flat,
  s: flat,
  viscosityPas: 50,
  source: 'drawdown',
  forecastable: true,
  note: '',
  ...UNKNOWN_TUBE,
  ...more,
})
const mix = {
  ...sampleMix,
  parts: [
    { inkId: 'quay-black', name: 'Quay black', parts: 3 },
    { inkId: 'dusk-blue', name: 'Dusk blue', parts: 1 },
  ],
}
const by = 'Ida Quill'
const weighed = [
  { inkId: 'quay-black', name: 'Quay black', grams: 30 },
  { inkId: 'dusk-blue', name: 'Dusk blue', grams: 10 },
]

describe('the shelf', () => {
  it('takes inks all or none', async () => {
    expect(await addInks([ink('Quay black'), ink('Quay black')])).toEqual(['quay-black', 'quay-black-2'])
    await expect(addInks([ink('Good'), ink('Bad', { viscosityPas: -1 })])).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: [1, 'viscosityPas'] })],
    })
    expect((await loadInks()).map(({ id }) => id)).toEqual(['quay-black', 'quay-black-2'])
  })
  it('knows what is left: the last weighing less what was mixed since', async () => {
    await addInks([ink('Quay black'), ink('Dusk blue')])
    await keepTube(
      'quay-black',
      { tubeGrams: 200, gramsLeft: 120, openedOn: '2031-04-20', keepsOpenDays: 3, pricePerKg: 80 },
      at(),
    )
    const { id, version } = await keepCard({ cardId: null, mix, why: '', by }, at(1))
    await makeBatch({ id: 'b1', cardId: id, version, weighed, by }, at(2))
    expect((await loadInks()).map(({ gramsNow }) => gramsNow)).toEqual([90, null])
    await keepTube(
      'quay-black',
      { tubeGrams: 200, gramsLeft: 88, openedOn: '2031-04-20', keepsOpenDays: 3, pricePerKg: 80 },
      at(3),
    )
    expect((await loadInks())[0].gramsNow).toBe(88)
    await expect(keepTube('nobody', { ...UNKNOWN_TUBE }, at())).rejects.toThrow('not in this workshop')
    await expect(keepTube('quay-black', { ...UNKNOWN_TUBE, openedOn: '31/4' }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['openedOn'] })],
    })
  })
})

describe('recipe cards', () => {
  it('keep every version and say why; the same mix again makes none', async () => {
    const first = await keepCard({ cardId: null, mix, why: '', by }, at())
    expect(await keepCard({ cardId: first.id, mix, why: '', by }, at(1))).toEqual(first)
    const changed = { ...mix, modifiers: [{ modifier: 'thin-oil' as const, amount: 5 }] }
    await expect(keepCard({ cardId: first.id, mix: changed, why: '', by }, at(1))).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'why' })],
    })
    expect(await keepCard({ cardId: first.id, mix: changed, why: 'Cold room.', by }, at(1))).toEqual({
      id: first.id,
      version: 2,
    })
    expect((await loadCards())[0].versions.map(({ version, why }) => [version, why])).toEqual([
      [1, ''],
      [2, 'Cold room.'],
    ])
  })
  it('know their batches: asked for twice made once, corrected by adding, usable as long as the ink that keeps shortest', async () => {
    await addInks([ink('Quay black', { keepsOpenDays: 3 }), ink('Dusk blue')])
    const { id, version } = await keepCard({ cardId: null, mix, why: '', by }, at())
    for (let i = 0; i < 2; i++) await makeBatch({ id: 'b1', cardId: id, version, weighed, by }, at(1))
    await measureBatch('b1', new Array<number>(36).fill(0.2))
    const [{ batches }] = await loadCards()
    expect(batches).toMatchObject([
      { id: 'b1', usableUntil: '2031-05-05', measured: new Array(36).fill(0.2) },
    ])
    await addToBatch('b1', { weighed: [{ inkId: 'dusk-blue', name: 'Dusk blue', grams: 2.5 }], by }, at(4))
    const [corrected] = (await loadCards())[0].batches
    expect(batchContents(corrected).map(({ grams }) => grams)).toEqual([30, 12.5])
    expect(corrected.measured).toBeNull()
  })
  it('refuse a batch of a version or an ink that is not there', async () => {
    await addInks([ink('Quay black')])
    const { id } = await keepCard({ cardId: null, mix, why: '', by }, at())
    await expect(makeBatch({ id: 'b1', cardId: id, version: 7, weighed, by }, at())).rejects.toThrow(
      'not in this workshop',
    )
    await expect(makeBatch({ id: 'b1', cardId: id, version: 1, weighed, by }, at())).rejects.toThrow(
      'no longer on the shelf',
    )
    await expect(measureBatch('nobody', flat)).rejects.toThrow('not in this workshop')
  })
  it('count the pulls that used them', async () => {
    const job = await benchedJob()
    const card = await keepCard({ cardId: null, mix, why: '', by }, at())
    const ink = inkOf({ ...mix, card: { ...card, isChanged: false } })
    await saveStation(job.id, job.revision, 'ink', ink, at())
    await pull(await loadJob(job.slug), 'p1')
    expect((await loadCards())[0].pulls).toBe(1)
  })
})

describe('what the workshop measured', () => {
  it('is from memory until it is kept, and the newest holds', async () => {
    expect(await loadCalibration()).toEqual(USUAL_CALIBRATION)
    await keepCalibration({ ...USUAL_CALIBRATION, halvingC: 7 }, at())
    await keepCalibration({ ...USUAL_CALIBRATION, halvingC: 7.5 }, at(1))
    expect((await loadCalibration()).halvingC).toBe(7.5)
    await expect(keepCalibration({ ...USUAL_CALIBRATION, dropGrams: 0 }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['dropGrams'] })],
    })
  })
  it('of a pot is kept with the job', async () => {
    const job = await benchedJob()
    await keepInkWeighing(job.id, { grams: 26, pulls: 10 }, by, at())
    await keepInkWeighing(job.id, { grams: 26, pulls: 10, returnedGrams: 14, mixId: 'mix-2' }, by, at())
    expect(await loadInkWeighings(job.id)).toEqual([
      { grams: 26, pulls: 10, returnedGrams: null, mixId: null },
      { grams: 26, pulls: 10, returnedGrams: 14, mixId: 'mix-2' },
    ])
    await expect(keepInkWeighing(job.id, { grams: 26, pulls: 0 }, by, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['pulls'] })],
    })
  })
})
