import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { cropToPlate, type Artwork } from '@/core/plate/artwork'
import { procedureFor } from '@/core/plate/procedures'
import { EMPTY_ZONE_MAP, type Zone, type ZoneMap } from '@/core/plate/zoneMap'
import type { ColleSetting } from '@/core/register/chineColle'
import { keepArtwork, loadArtwork } from './artworks'
import { keepCollePiece, loadCollePieces } from '../register/collePieces'
import { keepPicture } from '../across/images'
import { exportJob, importJob } from '../record/jobFiles'
import { createJob } from '../shop/jobs'
import { addMakingEvent, beginMaking, keepProcedure, loadMakings, loadProcedures } from './makings'
import { addFacing, addWatchSpot, endWatchSpot, loadFacings, loadWatchSpots } from './plateWatch'
import { at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { keepZoneMap, latestZoneMap, loadZoneMaps } from './zoneMaps'

openWorkshop()

const zone = (name: string, left: number, more: Partial<Zone> = {}): Zone => ({
  id: name,
  name,
  outline: [
    [left, 0],
    [left + 40, 0],
    [left + 40, 60],
    [left, 60],
  ],
  ink: { source: 'ink', id: 'bone-black', name: 'Bone black' },
  isWhite: false,
  tone: 'light',
  border: 'hard',
  isFiller: false,
  ...more,
})
const map = (...zones: Zone[]): ZoneMap => ({ ...EMPTY_ZONE_MAP, zones })
const piece: ColleSetting = {
  name: 'Sail',
  material: { from: 'paper', paperId: null, name: 'Tissue' },
  face: 'smooth',
  uninked: '',
  outline: [
    [0, 0],
    [30, 0],
    [30, 20],
    [0, 20],
  ],
  fitting: 'template',
  allowanceMm: 0.5,
  cutFrom: 'face',
  paste: 'brushed',
  grain: 'up',
  growthAlongPercent: 0.3,
  growthAcrossPercent: 1.2,
  sheetWidthMm: 300,
  sheetHeightMm: 400,
  pieces: 12,
}

describe('zone maps', () => {
  it('are kept in versions; a map like the last makes none', async () => {
    const { id } = await benchedJob()
    expect(await latestZoneMap(id)).toBeNull()
    expect(await keepZoneMap(id, 0, map(zone('sky', 0)), 'Tam', at())).toBe(1)
    expect(await keepZoneMap(id, 1, map(zone('sky', 0)), 'Tam', at(1))).toBe(1)
    expect(await keepZoneMap(id, 1, map(zone('sky', 0), zone('sea', 50)), 'Tam', at(2))).toBe(2)
    expect((await loadZoneMaps(id)).map(({ version, map: { zones } }) => [version, zones.length])).toEqual([
      [1, 1],
      [2, 2],
    ])
  })
  it('drawn from an older version conflict; an answer that was lost does not', async () => {
    const { id } = await benchedJob()
    await keepZoneMap(id, 0, map(zone('sky', 0)), 'Tam', at())
    expect(await keepZoneMap(id, 0, map(zone('sky', 0)), 'Tam', at())).toBe(1)
    await expect(keepZoneMap(id, 0, map(zone('sea', 0)), 'Tam', at())).rejects.toThrow('changed')
  })
  it('off the plate, crossing, named twice are refused at the zone, and nothing is written', async () => {
    const { id } = await benchedJob()
    const crossing: Zone = {
      ...zone('bow', 0),
      outline: [
        [0, 0],
        [20, 20],
        [20, 0],
        [0, 20],
      ],
    }
    for (const wrong of [
      map(zone('sky', 170)),
      map(crossing),
      map(zone('sky', 0), { ...zone('sky', 50), id: 'other' }),
    ])
      await expect(keepZoneMap(id, 0, wrong, 'Tam', at())).rejects.toMatchObject({
        problems: [expect.objectContaining({ field: expect.any(String) as string })],
      })
    expect(await loadZoneMaps(id)).toEqual([])
  })
  it('need a plate', async () => {
    const { id } = await createJob({ title: 'Bare', artist: 'Ida Quill', editionSize: 1 }, at())
    await expect(keepZoneMap(id, 0, map(zone('sky', 0)), 'Tam', at())).rejects.toMatchObject({
      problems: [{ field: '', message: 'Set the plate first: zones lie on it.' }],
    })
  })
})

describe('makings', () => {
  const procedure = procedureFor('card-drypoint')
  it('keep what happens as it happens; begun twice is begun once', async () => {
    const { id } = await benchedJob()
    await beginMaking(id, 'm1', procedure, 'Tam', at())
    await beginMaking(id, 'm1', procedure, 'Tam', at(1))
    await addMakingEvent('m1', { kind: 'begun', stepId: 'cut', note: '' }, 'Tam', at(2))
    await addMakingEvent('m1', { kind: 'begun', stepId: 'cut', note: '' }, 'Tam', at(3))
    await addMakingEvent('m1', { kind: 'done', stepId: 'cut', note: 'square' }, 'Ida', at(4))
    const [making, ...others] = await loadMakings(id)
    expect(others).toEqual([])
    expect(making.events.map(({ kind, at: when, by }) => [kind, when, by])).toEqual([
      ['begun', at(2), 'Tam'],
      ['done', at(4), 'Ida'],
    ])
  })
  it('refuse what cannot be', async () => {
    const { id } = await benchedJob()
    await beginMaking(id, 'm1', procedure, 'Tam', at())
    await expect(
      addMakingEvent('m1', { kind: 'done', stepId: 'cut', note: '' }, 'Tam', at()),
    ).rejects.toMatchObject({ problems: [{ field: 'stepId', message: 'was not begun' }] })
    await expect(
      addMakingEvent('m9', { kind: 'begun', stepId: 'cut', note: '' }, 'Tam', at()),
    ).rejects.toThrow('This making')
    await expect(beginMaking('nobody', 'm2', procedure, 'Tam', at())).rejects.toThrow('This job')
  })
  it('a variant is kept under a name of its own', async () => {
    await keepProcedure(
      { ...procedure, name: 'Card, no sealing', steps: procedure.steps.filter(({ id }) => id !== 'seal') },
      'Tam',
      at(),
    )
    await expect(
      keepProcedure({ ...procedure, name: 'Card, no sealing' }, 'Tam', at()),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'name' })] })
    expect((await loadProcedures()).map(({ procedure: { name, steps } }) => [name, steps.length])).toEqual([
      ['Card, no sealing', procedure.steps.length - 1],
    ])
  })
})

describe('artwork', () => {
  it('says what is made of a picture that was kept', async () => {
    const { id } = await benchedJob()
    const imageId = await keepPicture(
      await sharp({ create: { width: 90, height: 90, channels: 3, background: '#888' } })
        .png()
        .toBuffer(),
      'boat.png',
      at(),
    )
    const artwork: Artwork = {
      imageId,
      method: 'photopolymer',
      crop: cropToPlate({ widthPx: 90, heightPx: 90 }, { widthMm: 180, heightMm: 120 }),
      tone: { way: 'screen', threshold: 128, linesPerInch: 60, angleDegrees: 45 },
      dpi: 600,
    }
    expect(await loadArtwork(id)).toBeNull()
    await keepArtwork(id, artwork, at())
    await keepArtwork(id, { ...artwork, dpi: 300 }, at(1))
    expect(await loadArtwork(id)).toEqual({ ...artwork, dpi: 300 })
    await expect(keepArtwork(id, { ...artwork, imageId: 'nothing' }, at())).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'imageId' })],
    })
  })
})

describe('the plate watched', () => {
  it('spots lie on the plate, and end without being lost', async () => {
    const { id } = await benchedJob()
    await addWatchSpot(id, { state: 1, at: [20, 30], note: 'foul bite', seenAt: at(), by: 'Tam' })
    await expect(
      addWatchSpot(id, { state: 1, at: [999, 30], note: 'x', seenAt: at(), by: 'Tam' }),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'at' })] })
    const [spot] = await loadWatchSpots(id)
    await endWatchSpot(id, spot.id, at(5))
    await endWatchSpot(id, spot.id, at(6))
    expect(await loadWatchSpots(id)).toMatchObject([{ note: 'foul bite', goneAt: at(5) }])
    await expect(endWatchSpot(id, 999, at())).rejects.toThrow('This spot')
  })
  it('a facing knows the pulls before it', async () => {
    const job = await pull(await benchedJob(), 'p1')
    await addFacing(job.id, { at: at(3), by: 'Ida', note: 'sent out' })
    expect(await loadFacings(job.id)).toEqual([{ afterPulls: 1, at: at(3), by: 'Ida', note: 'sent out' }])
  })
})

describe('pieces for chine collé', () => {
  it('are kept by name, and refused when nothing is left of them', async () => {
    const { id } = await benchedJob()
    await keepCollePiece(id, piece, at())
    await keepCollePiece(id, { ...piece, pieces: 20 }, at(1))
    expect(await loadCollePieces(id)).toEqual([{ ...piece, pieces: 20 }])
    await expect(keepCollePiece(id, { ...piece, allowanceMm: -15 }, at())).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'allowanceMm' })],
    })
  })
})

describe('a job file', () => {
  it('carries all of it, and comes in equal', async () => {
    const { id, slug } = await benchedJob()
    await keepZoneMap(id, 0, map(zone('sky', 0)), 'Tam', at())
    await beginMaking(id, 'm1', procedureFor('mezzotint'), 'Tam', at())
    await addMakingEvent('m1', { kind: 'skipped', stepId: 'bevel', note: 'was bevelled' }, 'Tam', at(1))
    await addWatchSpot(id, { state: 1, at: [20, 30], note: 'foul bite', seenAt: at(), by: 'Tam' })
    await addFacing(id, { at: at(3), by: 'Ida', note: '' })
    await keepCollePiece(id, piece, at())
    const file = await exportJob(slug, at(9))
    expect(
      [file.zoneMaps, file.makings, file.watchSpots, file.facings, file.collePieces].map(
        (list) => list.length,
      ),
    ).toEqual([1, 1, 1, 1, 1])
    const again = await exportJob(await importJob(JSON.parse(JSON.stringify(file))), at(9))
    const named = (one: typeof file) => ({
      ...one,
      makings: one.makings.map(({ id: _, ...making }) => making),
    })
    expect(named(again)).toEqual(named(file))
  })
})
