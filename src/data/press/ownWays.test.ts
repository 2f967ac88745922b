import { describe, expect, it } from 'vitest'
import type { PressKind } from '@/core/press/pressKind'
import { layerOfThing } from '@/core/press/laidStack'
import { middleReading, passesWords, pressDoubt, type PressSetting } from '@/core/press/pressSetting'
import type { PressureScale } from '@/core/press/pressureScale'
import { learnPressure, type PressureVerdict } from '@/core/press/pressureTrials'
import { startingPressure } from '@/core/press/startingPressure'
import { firstReading, turnsScale, USUAL_SCALES } from '@/core/press/usualScales'
import { compareSettings } from '@/core/prove/compareSettings'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { SETTING_STATIONS, type Settings } from '@/core/prove/settings'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { at, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { enterPressEvent, keepPressureTrial, loadPressEvents, loadPressureTrials } from './pressCards'
import { addPress, type StorePress } from './presses'
import { loadStore } from '../shop/store'
import { loadWorkedSettings } from './workedSettings'

openWorkshop()

/** A press as a person adds it. */
async function press(name: string, kind: PressKind, scale?: PressureScale): Promise<StorePress> {
  await addPress({ name, kind, scale, rollerRadiusMm: 40, bedWidthMm: 400, note: '' })
  return (await loadStore()).presses.find((one) => one.name.startsWith(name))!
}

/** The press as it is set for a job; without blankets unless some are said. */
const setting = (own: StorePress, reading: number, more: Partial<PressSetting> = {}): PressSetting => ({
  ...sampleSettings.press,
  pressId: own.id,
  name: own.name,
  rollerRadiusMm: own.rollerRadiusMm,
  scale: own.scale,
  readingLeft: reading,
  readingRight: reading,
  packName: 'No blankets',
  pack: [],
  ...more,
})

/** A job on a press with a plate, up to its first proof. */
async function proof(title: string, set: PressSetting, plate: Partial<Settings['plate']> = {}) {
  const { id, slug } = await createJob({ title, artist: 'Bryn Ash', editionSize: 1 }, at())
  const settings = { ...sampleSettings, press: set, plate: { ...sampleSettings.plate, ...plate } }
  let revision = 0
  for (const station of SETTING_STATIONS)
    revision = await saveStation(id, revision, station, settings[station], at())
  return pull(await loadJob(slug), `${slug}-1`)
}

const say = (
  jobId: string,
  { pressId, scale, ...set }: PressSetting,
  verdict: PressureVerdict,
  minute: number,
) =>
  keepPressureTrial(
    { pressId, jobId, trial: { scale, suggested: null, set: middleReading(set), verdict }, by: 'Bryn Ash' },
    at(minute),
  )

describe('every practitioner’s own press, on an empty workshop, to a recorded proof', () => {
  it('scratched plastic on a press read by two gauges: one light proof, one tightening', async () => {
    const own = await press('Gauge press', 'geared', { ...USUAL_SCALES.gauge, most: 60 })
    const felts = setting(own, 30, { packName: 'Blotter', pack: [layerOfThing('blotter')] })
    const job = await proof('Scratched', felts, { kind: 'plastic-drypoint', thicknessMm: 0.75 })
    await say(job.id, felts, 'bit-light', 1)
    const learned = learnPressure(await loadPressureTrials(), own.scale)
    const tighter = { ...felts, readingLeft: 30 + learned.perVerdict, readingRight: 30 + learned.perVerdict }
    await saveStation(job.id, job.revision, 'press', tighter, at(2))
    const after = await pull(await loadJob(job.slug), 'scratched-2')
    expect(after.pulls).toHaveLength(2)
    const [first, second] = after.pulls.map(({ settings }) => settings)
    expect(compareSettings(first, second).map(({ words }) => words)).toEqual([
      'Both gauges 1 on the gauge tighter',
    ])
    // Nobody measured: nothing is said of a gap, and nothing keeps the pull.
    expect(pressDoubt(second)).toBeNull()
    await say(job.id, tighter, 'right', 3)
    expect(learnPressure(await loadPressureTrials(), own.scale).moves).toBe(1)
  })
  it('drypoint card through a kitchen roller at notch 3, plate face down between felts', async () => {
    const own = await press('Pasta roller', 'kitchen-roller')
    const felt = {
      name: 'Felt',
      thicknessMm: 3,
      modulusMPa: 0.8,
      densificationStrain: 0.6,
      of: 'single-felt',
    }
    const set = setting(own, 3, { packName: 'Two felts', pack: [felt, felt], plateAt: 1, isFaceDown: true })
    const job = await proof('Reed card', set, { kind: 'card-drypoint', thicknessMm: 0.6 })
    expect(job.pulls[0].settings.press).toMatchObject({ readingLeft: 3, plateAt: 1, isFaceDown: true })
    await expect(
      saveStation(job.id, job.revision, 'press', { ...set, readingLeft: 7, readingRight: 7 }, at(1)),
    ).rejects.toMatchObject({
      issues: expect.arrayContaining([expect.objectContaining({ message: 'this press reads from 1 to 6' })]),
    })
  })
  it('a small press tested for shipping: half turns from the blankets, two passes, and its booklet', async () => {
    const scale: PressureScale = {
      ...turnsScale(null),
      step: 0.5,
      countedFrom: 'blankets',
      heavier: 'up',
      zeroGapMm: null,
    }
    const own = await press('Little one', 'two-screw', scale)
    const set = setting(own, 2, { passes: 2, laterPasses: [{ left: 1.5, right: 1.5 }] })
    const job = await proof('Test plate', set)
    expect(passesWords(job.pulls[0].settings.press)).toBe('2 turns, then 1 1/2 turns')
    await say(job.id, set, 'right', 1)
    await enterPressEvent(own.id, { kind: 'test-print', note: 'Even.', imageId: null }, 'Bryn Ash', at(2))
    expect((await loadWorkedSettings()).map(({ name, under }) => [name, passesWords(under.press)])).toEqual([
      ['Test plate', '2 turns, then 1 1/2 turns'],
    ])
    expect(await loadPressEvents(own.id)).toHaveLength(1)
  })
  it('rolled by hand over three felts, and rubbed with a baren', async () => {
    for (const [name, kind, pack] of [
      ['Pin', 'rolling-pin', ['spare', 'blotter', 'towel']],
      ['Baren', 'baren', []],
    ] as const) {
      const own = await press(name, kind)
      const set = setting(own, firstReading(own.scale), { pack: pack.map(layerOfThing) })
      const job = await proof(name, set)
      expect(job.pulls).toHaveLength(1)
      expect(passesWords(set)).toBe('a medium hand')
      expect(pressDoubt(job.pulls[0].settings)).toBeNull()
    }
  })
  it('a carton plate too thin for the press: make-ready as in an earlier job', async () => {
    const own = await press('Gauge press', 'geared')
    const lino = setting(own, 34)
    const earlier = await proof('Lino', lino, { thicknessMm: 2 })
    const carton = await proof('Carton', setting(own, 0), { kind: 'carton-laminate', thicknessMm: 0.5 })
    const from = async () => {
      const { press: set, plate, paper } = carton.pulls[0].settings
      return startingPressure({ press: set, plate, paper }, await loadWorkedSettings())
    }
    expect(await from()).toBeNull()
    await say(earlier.id, lino, 'right', 1)
    expect(await from()).toMatchObject({ reading: 34, makeReadyMm: 1.5, from: { name: 'Lino' } })
  })
})
