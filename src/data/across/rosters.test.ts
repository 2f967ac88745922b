import { describe, expect, it } from 'vitest'
import { makerOf, planClass, rosterSchema, type Maker, type Roster } from '@/core/edition/roster'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { exportJob, importJob } from '../record/jobFiles'
import { giveNumbers } from '../dry/prints'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { at, benchedJob, newPull, openWorkshop } from '../shop/workshop.test.fixture'
import { changeMaker, forgetNames, keepRoster, loadRoster, pullForMaker } from './rosters'

openWorkshop()

const THICK = [0.5, 0.75, 1]
const maker = (id: number): Maker => ({
  id,
  name: `Child ${id}`,
  prepMinutes: 15,
  pressMinutes: 4,
  thicknessMm: THICK[id % THICK.length],
  kind: null,
  standing: 'waiting',
})
const roster = (count: number, more: Partial<Roster> = {}): Roster =>
  rosterSchema.parse({
    makers: Array.from({ length: count }, (_, i) => maker(i + 1)),
    startAt: at(0),
    places: 3,
    presses: 1,
    order: 'as-they-came',
    homeOn: '2031-05-09',
    ...more,
  })

/** A class with what all of it share. */
async function aClass(): Promise<{ id: string; slug: string; revision: number }> {
  const { id, slug } = await createJob({ title: 'Open day', artist: 'The class', purpose: 'class' }, at())
  let revision = 0
  for (const station of ['plate', 'ink', 'paper', 'press'] as const)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  return { id, slug, revision }
}
const print = (jobId: string, revision: number, makerId: number, minute: number) =>
  pullForMaker(jobId, revision, makerId, newPull(`m-${makerId}`, 'edition'), at(minute))

describe('sixty children, three places, two late, one not here, three thicknesses', () => {
  it('prints each from their own plate, and finds every print under its maker', async () => {
    const job = await aClass()
    let revision = await keepRoster(job.id, job.revision, roster(60))
    revision = await changeMaker(job.id, revision, 2, { standing: 'late' })
    revision = await changeMaker(job.id, revision, 5, { standing: 'late' })
    revision = await changeMaker(job.id, revision, 9, { standing: 'absent' })
    const kept = (await loadRoster(job.id))!
    const turns = planClass(kept, new Map(), at(0))
    expect(turns).toHaveLength(59)
    expect(turns.slice(-2).map(({ maker: { id } }) => id)).toEqual([2, 5])
    for (const [i, turn] of turns.entries()) revision = await print(job.id, revision, turn.maker.id, 20 + i)
    const done = await loadJob(job.slug)
    expect(done.pulls).toHaveLength(59)
    for (const pull of done.pulls) {
      const of = kept.makers.find(({ id }) => id === makerOf(pull))!
      expect(pull.id).toBe(`m-${of.id}`)
      expect(pull.settings.plate.thicknessMm).toBe(of.thicknessMm)
      // Whatever its plate, each stands as high as the thickest: nobody touched the screws.
      expect(pull.settings.plate.thicknessMm + pull.settings.press.makeReadyMm).toBeCloseTo(1, 9)
      expect(pull.settings.press.readingLeft).toBe(sampleSettings.press.readingLeft)
    }
    expect(new Set(done.pulls.map(makerOf)).size).toBe(59)
    const after = (await loadRoster(job.id))!
    expect(after.makers.filter(({ standing }) => standing === 'printed')).toHaveLength(59)
    const printedAt = new Map(done.pulls.map((pull) => [makerOf(pull)!, pull.pulledAt]))
    expect(planClass(after, printedAt, at(90))).toEqual([])
    // Called up again after all: the last of the day.
    revision = await changeMaker(job.id, revision, 9, { standing: 'late' })
    expect(planClass((await loadRoster(job.id))!, printedAt, at(90)).map(({ maker: { id } }) => id)).toEqual([
      9,
    ])
    const sorted = done.pulls.map(({ id }) => ({ pullId: id, kind: 'edition' as const }))
    await giveNumbers(job.id, revision, { style: 'roman', marking: 'unique', sorted }, at(200))
    expect((await loadJob(job.slug)).prints).toHaveLength(59)
  })
})

describe('the list of a class', () => {
  it('takes nobody twice, keeps who printed, and is kept for classes alone', async () => {
    const job = await aClass()
    const twice = roster(3)
    expect(() =>
      rosterSchema.parse({ ...twice, makers: [...twice.makers, { ...maker(4), name: 'Child 1' }] }),
    ).toThrow('is there twice')
    let revision = await keepRoster(job.id, job.revision, roster(3))
    revision = await print(job.id, revision, 2, 20)
    revision = await changeMaker(job.id, revision, 1, { kind: 'plastic-drypoint' })
    // Asked for twice, printed once.
    expect(await print(job.id, revision, 2, 21)).toBe(revision)
    const kept = (await loadRoster(job.id))!
    await expect(
      keepRoster(job.id, revision, { ...kept, makers: kept.makers.filter(({ id }) => id !== 2) }),
    ).rejects.toMatchObject({
      problems: [{ field: 'makers', message: 'Child 2 has a print here: they stay on the list.' }],
    })
    revision = await keepRoster(job.id, revision, {
      ...kept,
      makers: kept.makers.filter(({ id }) => id !== 3),
    })
    expect((await loadRoster(job.id))!.makers.map(({ id }) => id)).toEqual([1, 2])
    revision = await print(job.id, revision, 1, 30)
    expect((await loadJob(job.slug)).pulls.map(({ settings }) => settings.plate.kind)).toEqual([
      sampleSettings.plate.kind,
      'plastic-drypoint',
    ])
    await expect(
      pullForMaker(job.id, revision, 2, newPull('m-2-again', 'edition'), at(31)),
    ).rejects.toMatchObject({
      problems: [{ message: 'Child 2 has printed. Call them up again for another.' }],
    })
    revision = await changeMaker(job.id, revision, 2, { standing: 'late' })
    revision = await pullForMaker(job.id, revision, 2, newPull('m-2-again', 'edition'), at(32))
    expect((await loadJob(job.slug)).pulls.map(makerOf)).toEqual([2, 1, 2])
    await expect(changeMaker(job.id, revision, 7, { standing: 'late' })).rejects.toThrow('This maker')
    const edition = await benchedJob()
    await expect(keepRoster(edition.id, edition.revision, roster(2))).rejects.toMatchObject({
      problems: [{ message: 'This job is for no class: say so at Runs first.' }],
    })
    await expect(changeMaker(edition.id, edition.revision, 1, { standing: 'late' })).rejects.toThrow(
      'This class',
    )
  })
  it('loses its names once the prints went home, and no print its maker', async () => {
    const job = await aClass()
    let revision = await keepRoster(job.id, job.revision, roster(3))
    revision = await print(job.id, revision, 3, 20)
    await expect(forgetNames(job.id, revision, '2031-05-08')).rejects.toMatchObject({
      problems: [{ field: 'homeOn' }],
    })
    await forgetNames(job.id, revision, '2031-05-09')
    const after = await loadJob(job.slug)
    expect((await loadRoster(job.id))!.makers.map(({ name }) => name)).toEqual(['1', '2', '3'])
    expect(makerOf(after.pulls[0])).toBe(3)
    const file = JSON.stringify(await exportJob(job.slug, at(60)))
    expect(file).not.toContain('Child')
    const again = await loadJob(await importJob(JSON.parse(file)))
    expect(makerOf(again.pulls[0])).toBe(3)
    expect((await loadRoster(again.id))!.isAnonymous).toBe(true)
  })
})
