import { expect, it } from 'vitest'
import { faultCases } from '@/core/edition/faultAlbum'
import { at, approvedJob, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { loadFaultRuns } from './faultRuns'
import { addEvents } from './pulls'

openWorkshop()

it('finds a fault that was tapped and one that was the reason of a rejection, and no other', async () => {
  let job = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
  job = await pull(job, 'e2', 'edition')
  const [first, second] = ['e1', 'e2']
  const revision = await addEvents(
    job.id,
    job.revision,
    { pullId: first, events: [{ kind: 'fault', where: 7, what: 'smear' }], by: 'Ida Quill', why: '' },
    at(40),
  )
  await addEvents(
    job.id,
    revision,
    {
      pullId: second,
      events: [{ kind: 'decision', decision: 'rejected', reason: 'crease', fate: 'destroyed' }],
      by: 'Ida Quill',
      why: '',
    },
    at(41),
  )
  const found = async (what: 'smear' | 'crease' | 'spot') =>
    faultCases(what, await loadFaultRuns(what)).map(({ pull: one }) => one.id)
  expect(await found('smear')).toEqual([first])
  expect(await found('crease')).toEqual([second])
  expect(await loadFaultRuns('spot')).toEqual([])
})

it('finds a proof that was judged so', async () => {
  const job = await pull(await benchedJob(), 'p1')
  await addEvents(
    job.id,
    job.revision,
    {
      pullId: 'p1',
      events: [
        { kind: 'verdict', seen: null, note: '', outcome: 'keep', features: { tone: -1 }, imageId: null },
      ],
      by: 'Ida Quill',
      why: '',
    },
    at(40),
  )
  expect(faultCases('tone less', await loadFaultRuns('tone less')).map(({ pull: one }) => one.id)).toEqual([
    'p1',
  ])
  expect(await loadFaultRuns('tone more')).toEqual([])
})
