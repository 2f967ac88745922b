import { expect, it } from 'vitest'
import { standsByKind } from '@/core/plate/standsHere'
import type { PullEvent } from '@/core/edition/pull'
import { addEvents } from '../across/pulls'
import { loadKnownBeside } from '../shop/knownBeside'
import { at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { addFacing } from './plateWatch'
import { loadPlatesOfShop } from './platesOfShop'

openWorkshop()

const WORN: PullEvent = { kind: 'fault', where: 5, what: 'starved', cause: 'worn-plate' }

it('counts a plate’s pulls until a print is said to come from a worn plate, and takes the last word on it', async () => {
  let job = await benchedJob()
  const { id } = job
  const ids = ['first-pull', 'second-pull', 'third-pull']
  for (const pullId of ids) job = await pull(job, pullId)
  const kind = (await loadPlatesOfShop())[0].kind
  expect(await loadPlatesOfShop()).toEqual([{ jobId: id, kind, pulls: 3, isWorn: false }])
  const revision = await addEvents(
    id,
    job.revision,
    { pullId: ids[1], events: [WORN], by: 'Ida Quill', why: '' },
    at(9),
  )
  expect(await loadPlatesOfShop()).toEqual([{ jobId: id, kind, pulls: 2, isWorn: true }])
  const other = await benchedJob()
  expect((await loadKnownBeside(other.id, { paper: null })).standsHere[kind]).toMatchObject({
    worn: 1,
    going: 0,
  })
  expect((await loadKnownBeside(id, { paper: null })).standsHere).toEqual({})

  await addEvents(
    id,
    revision,
    { pullId: ids[1], events: [{ ...WORN, cause: 'over-wiped' }], by: 'Ida Quill', why: 'wiped out' },
    at(10),
  )
  expect(await loadPlatesOfShop()).toEqual([{ jobId: id, kind, pulls: 3, isWorn: false }])
  await addFacing(id, { at: at(11), by: 'Ida Quill', note: '' })
  expect(await loadPlatesOfShop()).toEqual([])
  expect(standsByKind(await loadPlatesOfShop(), 'another')).toEqual({})
})
