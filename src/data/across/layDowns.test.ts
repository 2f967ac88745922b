import { expect, it } from 'vitest'
import type { LaidInk, LayDown } from '@/core/edition/layDown'
import { ghostInks } from '@/core/edition/laidPlaces'
import { readPull } from '@/core/edition/readPull'
import { learnGhost } from '@/core/ink/ghost'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { documentJob } from '@/core/record/documentation'
import { exportJob, importJob } from '../record/jobFiles'
import type { JobRecord } from '../record/jobRecord'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { at, newPull, openWorkshop } from '../shop/workshop.test.fixture'
import { loadGhostShares } from './ghosts'
import { giveSheets } from './givenSheets'
import { layDown } from './layDowns'
import { addEvents } from './pulls'

openWorkshop()

const BY = 'Bryn Ash'
const ink = (name: string, place: LaidInk['place'] = 'all', area = ''): LaidInk => ({
  name,
  parts: [{ inkId: name.toLowerCase(), name, parts: 1 }],
  micrometres: 5,
  place,
  area,
})
const laid = (number: number, inks: LaidInk[], more: Partial<LayDown> = {}): LayDown => ({
  number,
  way: 'slab',
  tool: 'rolled',
  inks,
  kept: null,
  marks: '',
  imageId: null,
  ...more,
})
const lay = async (slug: string, pullId: string, one: LayDown, minute: number): Promise<JobRecord> => {
  const { id, revision, pulls } = await loadJob(slug)
  const print = pulls.some((pull) => pull.id === pullId)
    ? { is: 'begun' as const, pullId }
    : { is: 'new' as const, pull: newPull(pullId, 'edition') }
  await layDown(id, revision, { print, laid: one, by: BY }, at(minute))
  return loadJob(slug)
}
const say = async (
  slug: string,
  pullId: string,
  events: Parameters<typeof addEvents>[2]['events'],
  why = '',
) => {
  const { id, revision } = await loadJob(slug)
  await addEvents(id, revision, { pullId, events, by: BY, why }, at(40))
}
const KEPT = { kind: 'decision' as const, decision: 'accepted' as const, reason: '', fate: null }

it('monotype over two existing prints, with a mask, a ghost and white added: one unique print each', async () => {
  const { id, slug } = await createJob({ title: 'Tide marks', artist: BY, purpose: 'unique' }, at())
  let revision = 0
  for (const station of ['ink', 'paper', 'press'] as const)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  revision = await saveStation(id, revision, 'plate', { ...sampleSettings.plate, kind: 'slab' }, at())
  for (const mark of ['3/20', '4/20'])
    revision = await giveSheets(
      id,
      revision,
      { prints: { from: 'outside', mark, source: 'Salt pans, by Odd Fell', imageId: null }, by: BY },
      at(),
    )

  // The first print: all over, then within a mask, then white over it.
  const first = laid(1, [ink('Ochre')])
  let job = await lay(slug, 'first', first, 1)
  expect(job.pulls.map(({ number, sheet }) => [number, sheet])).toEqual([[1, 1]])
  const before = job.revision
  // Asked for twice, it is there once.
  const again = { print: { is: 'new' as const, pull: newPull('first', 'edition') }, laid: first, by: BY }
  expect(await layDown(id, before - 1, again, at(2))).toBe(before)
  job = await loadJob(slug)
  expect(job.pulls).toHaveLength(1)
  expect(job.pulls[0].events).toHaveLength(1)
  await lay(slug, 'first', laid(2, [ink('Blue', 'within', 'Moon'), ink('Grey', 'around', 'Moon')]), 3)
  const whiter = laid(3, [{ ...ink('Blue with 25 % white', 'within', 'Moon') }])
  await lay(slug, 'first', whiter, 4)
  // One print at a time: a second is not begun while the first is open.
  await expect(lay(slug, 'second', first, 5)).rejects.toThrow(/First say what becomes/)
  await say(slug, 'first', [KEPT])

  // The second: the ghost of what lay on the slab, judged.
  expect(learnGhost(await loadGhostShares())).toEqual({ share: 0.3, from: 0 })
  const ghost = laid(1, ghostInks(whiter.inks, 0.3), { way: 'ghost' })
  await lay(slug, 'second', ghost, 6)
  await say(
    slug,
    'second',
    [{ kind: 'laid', laid: { ...ghost, inks: ghostInks(whiter.inks, 0.5), kept: 0.5 } }],
    'judged',
  )
  await lay(slug, 'second', laid(2, [ink('Black')], { way: 'behind', marks: 'reeds, with a pencil' }), 7)
  await say(slug, 'second', [KEPT])
  expect(learnGhost(await loadGhostShares())).toMatchObject({ from: 1 })

  job = await loadJob(slug)
  expect(job.pulls.map((pull) => [pull.sheet, readPull(pull).layDowns.length])).toEqual([
    [1, 3],
    [2, 2],
  ])
  const { impressions } = documentJob({ ...job, bench: job.runs[0].bench }, 'Etc/UTC')
  expect(impressions.map(({ note }) => note)).toEqual([
    'over 3/20 of Salt pans, by Odd Fell; Ochre, rolled; Blue within Moon and Grey around Moon, rolled; Blue with 25 % white within Moon, rolled',
    'over 4/20 of Salt pans, by Odd Fell; ghost of Blue with 25 % white within Moon, 50 % of it; Black, drawn from behind: reeds, with a pencil',
  ])
  expect(JSON.stringify(impressions)).not.toMatch(/fault|reject/)
  const copy = await loadJob(await importJob(await exportJob(slug, at(60))))
  expect(copy.pulls.map((pull) => readPull(pull).layDowns)).toEqual(
    job.pulls.map((pull) => readPull(pull).layDowns),
  )
})

it('a print that is not there, or a place nobody named, is refused', async () => {
  const { id } = await createJob({ title: 'Tide marks', artist: BY, purpose: 'unique' }, at())
  const print = { is: 'begun' as const, pullId: 'nowhere' }
  await expect(layDown(id, 0, { print, laid: laid(1, [ink('Ochre')]), by: BY }, at(1))).rejects.toThrow(
    /This print/,
  )
  await expect(
    layDown(id, 0, { print, laid: laid(1, [ink('Ochre', 'within')]), by: BY }, at(1)),
  ).rejects.toThrow(/Name the place/)
})
