import { describe, expect, it } from 'vitest'
import type { Blanket } from '@/core/press/blanket'
import { keepBlanket, keepPack, washBlanket } from './blankets'
import { exportJob, importJob } from '../record/jobFiles'
import { loadJob } from '../shop/jobs'
import { keepMisfit, loadMisfits } from '../register/misfits'
import { enterPressEvent, keepPressureTrial, loadPressEvents, loadPressureTrials } from './pressCards'
import { loadStore } from '../shop/store'
import { addPress, changePress } from './presses'
import { openDatabase } from '../database/database'
import { toMm } from '@/core/press/pressureScale'
import { turnsScale, USUAL_SCALES } from '@/core/press/usualScales'
import { at, benchedJob, openWorkshop } from '../shop/workshop.test.fixture'

openWorkshop()

const felt: Blanket = {
  name: 'Grey felt',
  kind: 'single-felt',
  newMm: 3,
  nowMm: 3,
  modulusMPa: null,
  since: null,
  clogging: 'much',
  sideUp: 'either',
  note: '',
}

describe('blankets', () => {
  it('of a kept pack are laid as they are now, and a wash makes them soft again', async () => {
    await keepBlanket(null, felt)
    await keepBlanket(null, { ...felt, name: 'White felt' })
    await keepPack({ name: 'Both', blanketIds: ['grey-felt', 'white-felt'] })
    const stiff = (await loadStore()).packs[0].layers[0].modulusMPa
    await washBlanket('grey-felt', 'Ada', at())
    await keepBlanket('white-felt', { ...felt, name: 'White felt', nowMm: 2.7 })
    const {
      packs: [pack],
      blankets,
    } = await loadStore()
    expect(pack.layers[0].modulusMPa).toBeLessThan(stiff)
    expect(pack.layers[1].thicknessMm).toBe(2.7)
    expect(blankets.map(({ washedAt }) => washedAt)).toEqual([at(), null])
  })
  it('are refused where they cannot be: thicker than new, twice in a pack, not on the shelf', async () => {
    await expect(keepBlanket(null, { ...felt, nowMm: 4 })).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['nowMm'] })],
    })
    await keepBlanket(null, felt)
    await expect(keepPack({ name: 'Twice', blanketIds: ['grey-felt', 'grey-felt'] })).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'blanketIds' })],
    })
    await expect(keepPack({ name: 'None', blanketIds: ['nobody'] })).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'blanketIds' })],
    })
    await expect(washBlanket('nobody', 'Ada', at())).rejects.toThrow('This blanket')
    expect((await loadStore()).packs).toEqual([])
  })
  it('of a pack laid anew under its name replace what lay there', async () => {
    for (const name of ['A', 'B']) await keepBlanket(null, { ...felt, name })
    await keepPack({ name: 'One', blanketIds: ['a'] })
    await keepPack({ name: 'One', blanketIds: ['b', 'a'] })
    expect((await loadStore()).packs.map(({ blanketIds }) => blanketIds)).toEqual([['b', 'a']])
  })
})

describe('a press’s card', () => {
  it('keeps what is said of the press and, in order, what happened to it', async () => {
    await addPress({ name: 'Bench press', thread: 'M16', rollerRadiusMm: 45, bedWidthMm: 400, note: '' })
    await changePress('bench-press', {
      kind: 'geared',
      rollerLengthMm: 380,
      bedLengthMm: null,
      serial: 'B 7',
      thread: '',
      scale: {
        ...USUAL_SCALES.gauge,
        heavier: 'down',
        table: [
          { reading: 0, mm: 0 },
          { reading: 10, mm: 2 },
        ],
      },
      frameNPerMm: 9000,
      note: 'Walks.',
    })
    await enterPressEvent('bench-press', { kind: 'zeroed' }, 'Ada', at())
    await enterPressEvent('bench-press', { kind: 'even-print', rightTighterTurns: 0.125 }, 'Ada', at(1))
    expect((await loadStore()).presses[0]).toMatchObject({
      kind: 'geared',
      serial: 'B 7',
      zeroedAt: at(),
      frameNPerMm: 9000,
    })
    expect((await loadPressEvents('bench-press')).map(({ event }) => event.kind)).toEqual([
      'zeroed',
      'even-print',
    ])
    await expect(
      changePress('bench-press', {
        kind: 'geared',
        rollerLengthMm: 380,
        bedLengthMm: null,
        serial: '',
        thread: '',
        scale: {
          ...USUAL_SCALES.gauge,
          heavier: 'down',
          table: [
            { reading: 5, mm: 1 },
            { reading: 5, mm: 2 },
          ],
        },
        frameNPerMm: null,
        note: '',
      }),
    ).rejects.toMatchObject({ issues: [expect.objectContaining({ path: ['scale', 'table', 1, 'reading'] })] })
    await expect(enterPressEvent('bench-press', { kind: 'zeroed' }, ' ', at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['by'] })],
    })
  })
  it('of the first releases is read in its lead, on its gauge, or by the hand, as it lies in its row', async () => {
    const { sequelize } = await openDatabase()
    const put = (id: string, kind: string, gauge: object[]) =>
      sequelize.query(
        `INSERT INTO presses (id, name, rollerRadiusMm, bedWidthMm, thread, mmPerTurn, note, kind, gauge)
         VALUES (?, ?, 45, 400, 'M16', 2, '', ?, ?)`,
        { replacements: [id, id, kind, JSON.stringify(gauge)] },
      )
    await put('one', 'single-screw', [])
    await put('two', 'geared', [
      { reading: 0, mm: 0 },
      { reading: 10, mm: 2 },
    ])
    await put('three', 'hand', [])
    const { presses } = await loadStore()
    expect(presses.map(({ kind, scale }) => [kind, scale.id, scale.sides, toMm(scale, 3)])).toEqual([
      ['single-screw', 'turns', 1, 6],
      ['geared', 'gauge', 2, expect.closeTo(0.6, 12)],
      ['baren', 'hand', 1, null],
    ])
  })
  it('learns from trials of every job', async () => {
    await addPress({ name: 'Bench press', thread: 'M16', rollerRadiusMm: 45, bedWidthMm: 400, note: '' })
    const job = await benchedJob()
    const trial = { scale: turnsScale(2), suggested: 3, set: 3, verdict: 'bit-light' as const }
    await keepPressureTrial({ pressId: 'bench-press', jobId: job.id, trial, by: 'Ada' }, at())
    expect(await loadPressureTrials()).toEqual([{ pressId: 'bench-press', jobId: job.id, ...trial }])
    await expect(
      keepPressureTrial(
        { pressId: 'bench-press', jobId: job.id, trial: { ...trial, set: -1 }, by: 'Ada' },
        at(),
      ),
    ).rejects.toMatchObject({ issues: [expect.objectContaining({ path: ['trial', 'set'] })] })
  })
})

describe('misfits', () => {
  it('are kept with their plate and travel with the job', async () => {
    const job = await benchedJob()
    const marks = [
      { expected: { xMm: 0, yMm: 0 }, measured: { xMm: 0.4, yMm: 0 } },
      { expected: { xMm: 180, yMm: 0 }, measured: { xMm: 180.4, yMm: 0.1 } },
    ]
    await keepMisfit(job.id, { plate: 'Rust, plate 2', marks, by: 'Ada' }, at())
    const slug = await importJob(JSON.parse(JSON.stringify(await exportJob(job.slug, at(1)))))
    expect(await loadMisfits((await loadJob(slug)).id)).toEqual([
      { plate: 'Rust, plate 2', marks, by: 'Ada', at: at() },
    ])
    await expect(
      keepMisfit(job.id, { plate: 'Rust', marks: marks.slice(1), by: 'Ada' }, at()),
    ).rejects.toMatchObject({ issues: [expect.objectContaining({ path: ['marks'] })] })
  })
})
