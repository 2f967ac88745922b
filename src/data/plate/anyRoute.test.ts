import { expect, it } from 'vitest'
import { planByClock } from '@/core/plate/biteByClock'
import { composeProcedure } from '@/core/plate/composeProcedure'
import { readMaking } from '@/core/plate/making'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { exportJob, importJob } from '../record/jobFiles'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { at, openWorkshop } from '../shop/workshop.test.fixture'
import { addMakingEvent, beginMaking, loadMakings } from './makings'

openWorkshop()

async function plateOf(kind: 'copper-etched' | 'zinc-etched') {
  const { id, slug } = await createJob({ title: 'Harbour wall', artist: 'Bryn Ash', editionSize: 5 }, at())
  await saveStation(id, 0, 'plate', { ...sampleSettings.plate, kind }, at())
  return { id, slug }
}

it('copper by toner by heat, aquatint and ferric is one making, walked to the end, and goes along with its job', async () => {
  const { id, slug } = await plateOf('copper-etched')
  const made = composeProcedure({
    image: 'toner-heat',
    tone: 'aquatint',
    metal: 'copper',
    mordant: 'ferric',
    finish: 'none',
  })
  if ('refused' in made) throw new Error(made.refused)
  await beginMaking(id, 'm1', made.procedure, 'Bryn Ash', at())
  for (const [i, { id: stepId }] of made.procedure.steps.entries()) {
    await addMakingEvent('m1', { kind: 'begun', stepId, note: '' }, 'Bryn Ash', at(10 * i + 1))
    await addMakingEvent('m1', { kind: 'done', stepId, note: '' }, 'Bryn Ash', at(10 * i + 6))
  }
  const [making] = await loadMakings(id)
  expect(readMaking(making).next).toBeNull()
  expect(making.procedure.parts).toMatchObject({ image: 'toner-heat', tone: 'aquatint' })
  const copy = await loadJob(await importJob(await exportJob(slug, at(300))))
  expect((await loadMakings(copy.id))[0].procedure).toEqual(making.procedure)
})

it('zinc through a hard ground is bitten two minutes by the clock, and the first bite corrects the next', async () => {
  const { id } = await plateOf('zinc-etched')
  const made = composeProcedure({
    image: 'hard-ground',
    tone: 'none',
    metal: 'zinc',
    mordant: 'saline-sulphate',
    finish: 'none',
  })
  if ('refused' in made) throw new Error(made.refused)
  await beginMaking(id, 'm1', made.procedure, 'Bryn Ash', at())
  await addMakingEvent('m1', { kind: 'begun', stepId: 'bite', note: '' }, 'Bryn Ash', at(30))
  await addMakingEvent('m1', { kind: 'done', stepId: 'bite', note: '12 µm by the gauge' }, 'Bryn Ash', at(32))
  const bite = readMaking((await loadMakings(id))[0]).steps.find((step) => step.id === 'bite')!
  expect(bite.minutesTaken).toBe(2)
  const next = planByClock({
    metal: 'zinc',
    mordant: 'saline-sulphate',
    depthMicrometres: 36,
    bathC: 20,
    measured: { minutes: bite.minutesTaken, depthMicrometres: 12 },
  })
  expect(next).toMatchObject({ minutes: { low: 6, high: 6 }, isMeasured: true })
})
