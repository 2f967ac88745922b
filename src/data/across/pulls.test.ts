import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { readPull } from '@/core/edition/readPull'
import { ConflictError } from '../database/errors'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { giveNumbers, layToDry } from '../dry/prints'
import { addEvents, makePull } from './pulls'
import { loadStore, stockStore } from '../shop/store'
import { approvedJob, at, benchedJob, newPull, pull, openWorkshop } from '../shop/workshop.test.fixture'

openWorkshop()

describe('pulls', () => {
  it('copy the settings: a later change of the bench does not reach them', async () => {
    const job = await pull(await benchedJob(), 'p1')
    await saveStation(job.id, job.revision, 'press', { ...sampleSettings.press, readingLeft: 2 }, at())
    expect((await loadJob(job.slug)).pulls[0]).toMatchObject({
      id: 'p1',
      number: 1,
      sheet: 1,
      settings: sampleSettings,
      pulledAt: at(),
      batVersion: null,
    })
  })
  it('asked for twice with one id are made once, whatever the revision in hand', async () => {
    const job = await pull(await benchedJob(), 'p1')
    expect(await makePull(job.id, 0, newPull('p1'), at(3))).toBe(job.revision)
    expect((await loadJob(job.slug)).pulls).toHaveLength(1)
  })
  it('of two desks at once one goes through and the other is told', async () => {
    const job = await benchedJob()
    const both = await Promise.allSettled([
      makePull(job.id, job.revision, newPull('a'), at()),
      makePull(job.id, job.revision, newPull('b'), at()),
    ])
    expect(both.map(({ status }) => status)).toEqual(['fulfilled', 'rejected'])
    expect((both[1] as PromiseRejectedResult).reason).toBeInstanceOf(ConflictError)
  })
  it('wait for every station, for a BAT, and for the decision on the pull before', async () => {
    const empty = await createJob({ title: 'Bare', artist: 'Ida Quill', editionSize: 1 }, at())
    await expect(makePull(empty.id, 0, newPull('x'), at())).rejects.toThrow(
      'Plate, Ink, Wipe, Paper, Press, Register need you',
    )
    const job = await benchedJob()
    await expect(makePull(job.id, job.revision, newPull('x', 'edition'), at())).rejects.toThrow(
      'First approve a proof',
    )
    const approved = await pull(await approvedJob(), 'e1', 'edition')
    await expect(makePull(approved.id, approved.revision, newPull('e2', 'edition'), at())).rejects.toThrow(
      'what becomes of the pull before',
    )
    expect(approved.pulls[1]).toMatchObject({ kind: 'edition', number: 1, sheet: 2, batVersion: 1 })
  })
  it('refuse a zone nobody knows', async () => {
    const job = await benchedJob()
    await expect(
      makePull(job.id, job.revision, { ...newPull('x'), zone: 'Atlantis' }, at()),
    ).rejects.toMatchObject({ issues: [expect.objectContaining({ path: ['zone'] })] })
  })
})

describe('what is said of a pull', () => {
  const by = 'Ida Quill'
  it('is added, never changed: an amendment says why and both stay', async () => {
    const job = await pull(await approvedJob(), 'e1', 'edition', 'set-aside')
    const amend = {
      pullId: 'e1',
      events: [{ kind: 'decision' as const, decision: 'accepted' as const, reason: '', fate: null }],
      by,
      why: '',
    }
    await expect(addEvents(job.id, job.revision, amend, at(5))).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'why' })],
    })
    await addEvents(job.id, job.revision, { ...amend, why: 'Dry it matches.' }, at(5))
    const [, kept] = (await loadJob(job.slug)).pulls
    expect(kept.events.map(({ why }) => why)).toEqual([null, 'Dry it matches.'])
    expect(readPull(kept)).toMatchObject({ decision: { decision: 'accepted' }, amended: ['decision'] })
  })
  it('said again word for word after a lost answer changes nothing', async () => {
    const job = await pull(await approvedJob(), 'e1', 'edition')
    const said = { pullId: 'e1', events: [{ kind: 'eye' as const, reading: 'same' as const }], by, why: '' }
    const revision = await addEvents(job.id, job.revision, said, at(5))
    expect(await addEvents(job.id, job.revision, said, at(6))).toBe(revision)
    expect((await loadJob(job.slug)).pulls[1].events).toHaveLength(1)
  })
  it('refuses a rejection without reason or fate, a reading out of range, and a decision on a proof', async () => {
    const job = await approvedJob()
    const add = (event: object, pullId = 'proof-1') =>
      addEvents(job.id, job.revision, { pullId, events: [event as never], by, why: '' }, at(5))
    await expect(add({ kind: 'decision', decision: 'rejected', reason: '', fate: null })).rejects.toThrow(
      'Choose what is wrong',
    )
    await expect(add({ kind: 'reading', quantity: 'plateC', value: 400 })).rejects.toThrow('must be within')
    await expect(add({ kind: 'decision', decision: 'accepted', reason: '', fate: null })).rejects.toThrow(
      'Only a pull of the edition',
    )
    await expect(add({ kind: 'eye', reading: 'same' }, 'nobody')).rejects.toThrow('not in this workshop')
  })
})

describe('numbers', () => {
  it('are given once, to every accepted impression and the BAT, and close the edition', async () => {
    const one = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
    const job = await pull(one, 'e2', 'edition', 'accepted')
    await layToDry(job.id, job.revision, { method: 'boards', days: 1, by: 'Ida Quill' }, at(9))
    const sorted = [
      { pullId: 'e2', kind: 'edition' as const },
      { pullId: 'e1', kind: 'edition' as const },
      { pullId: 'proof-1', kind: 'BAT' as const },
    ]
    const { revision } = await loadJob(job.slug)
    await expect(
      giveNumbers(job.id, revision, { sorted: sorted.slice(1), style: 'roman' }, at(9)),
    ).rejects.toThrow('missing')
    await giveNumbers(job.id, revision, { sorted, style: 'roman' }, at(9))
    const closed = await loadJob(job.slug)
    expect(closed.prints.map(({ mark, pullId }) => [mark, pullId])).toEqual([
      ['1/2', 'e2'],
      ['2/2', 'e1'],
      ['BAT', 'proof-1'],
    ])
    expect(closed.dryings).toMatchObject([{ readyAt: '2031-05-03T09:09:00.000Z' }])
    await expect(giveNumbers(job.id, closed.revision, { sorted, style: 'roman' }, at(9))).rejects.toThrow(
      'The numbers are given',
    )
    await expect(makePull(job.id, closed.revision, newPull('e3', 'edition'), at(9))).rejects.toThrow(
      'The numbers are given',
    )
  })
})

describe('stock', () => {
  it('falls with every sheet that went through a press, and asks nobody', async () => {
    const { paperId, name, gsm, caliperMm, sheetWidthMm, sheetHeightMm, grain } = sampleSettings.paper
    await stockStore({
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
    await pull(await pull(await benchedJob(), 'p1'), 'p2')
    expect((await loadStore()).papers[0].sheetsLeft).toBe(8)
  })
})
