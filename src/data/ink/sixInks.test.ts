import { expect, it } from 'vitest'
import type { Point } from '@/core/geometry/point'
import { changeMix } from '@/core/ink/severalMixes'
import { inksOnPlate, laidOutMix, mixOfInk } from '@/core/ink/plateInks'
import { gatherInks, inkingFrom } from '@/core/wipe/poupee'
import { proposeOrder } from '@/core/wipe/inkingOrder'
import { pacedSteps } from '@/core/wipe/pacedSteps'
import { WIPING_SCHOOLS } from '@/core/wipe/wipingSchools'
import { outsideBat } from '@/core/prove/outsideBat'
import { usualTolerances } from '@/core/prove/tolerance'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { batOfRun } from '@/core/record/batOnBench'
import { documentJob } from '@/core/record/documentation'
import { jobNeed } from '@/core/record/jobNeed'
import { workAhead } from '@/core/record/workAhead'
import { keepZoneMap, latestZoneMap } from '../plate/zoneMaps'
import { approveBat } from '../prove/bats'
import { exportJob, importJob } from '../record/jobFiles'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { at, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { NOTHING_BESIDE } from '@/core/record/nothingBeside.test.fixture'

openWorkshop()

const INKS = ['Ferry blue', 'Mussel violet', 'Gorse yellow', 'Reed ochre', 'Dusk blue', 'Quay black']
const band = (top: number): Point[] => [
  [0, top],
  [160, top],
  [160, top + 15],
  [0, top + 15],
]
const patch = (left: number, top: number): Point[] => [
  [left, top],
  [left + 12, top],
  [left + 12, top + 8],
  [left, top + 8],
]
const zone = (name: string, outline: Point[], ink: string | null) => ({
  id: name.toLowerCase(),
  name,
  outline,
  ink: ink ? { source: 'ink' as const, id: ink.toLowerCase().replace(' ', '-'), name: ink } : null,
  isWhite: ink === null,
  tone: 'light' as const,
  border: 'hard' as const,
  isFiller: false,
})

it('six inks and two whites on a photopolymer plate are one BAT: three pulls, one ink corrected, all six documented', async () => {
  const plate = { ...sampleSettings.plate, kind: 'photopolymer' as const, widthMm: 160, heightMm: 90 }
  const { id, slug } = await createJob({ title: 'Six inks', artist: 'Bryn Ash', editionSize: 3 }, at())
  let revision = await saveStation(id, 0, 'plate', plate, at())
  for (const station of ['paper', 'press', 'register'] as const)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  const zones = [
    ...INKS.map((ink, i) => zone(`Band ${i + 1}`, band(15 * i), ink)),
    zone('Foam', patch(20, 4), null),
    zone('Moon', patch(100, 20), null),
  ]
  await keepZoneMap(id, 0, { zones, spots: { tone1: null, tone2: null, tone3: null } }, 'Bryn Ash', at())

  // The order from the zones, with every ink on the slab by its share of the plate.
  const kept = (await latestZoneMap(id))!
  const looks = (ink: { id: string }) => ({
    lightness: ink.id === 'gorse-yellow' ? 85 : 35,
    cover: 0.4,
    strength: ink.id === 'quay-black' ? 0.9 : 0.4,
  })
  const gathered = gatherInks(kept.map.zones, plate, looks)
  expect(gathered.whites).toEqual(['Foam', 'Moon'])
  const { order } = proposeOrder(gathered.inks, gathered.borders, gathered.whiteBorders)
  const recipe = (i: number) => {
    const { key, name } = gathered.inks[i]
    return { source: 'ink' as const, id: key.slice(4), name, recipe: null }
  }
  const wanted = order.map((i) => ({ ...recipe(i), gramsPerPull: 0.2, batchGrams: 4 }))
  const { ink } = inksOnPlate(null, wanted, laidOutMix(plate), () => false)
  const wipe = {
    ...WIPING_SCHOOLS['colour-by-colour'].order,
    inking: inkingFrom(
      order,
      gathered,
      ({ key, name }) => mixOfInk(ink, { source: 'ink', id: key.slice(4), name })!.id,
    ),
    zoneMapVersion: kept.version,
  }
  revision = await saveStation(id, revision, 'ink', ink, at())
  await saveStation(id, revision, 'wipe', wipe, at())

  // Each ink has its own cycle and rag, and what lies beside a white is cleaned before the next.
  const job = await pull(await loadJob(slug), 'proof-1')
  const { settings } = job.pulls[0]
  const paced = pacedSteps(settings.wipe, { batTaken: null, zoneTones: {}, mixes: settings.ink.mixes })
  expect(paced.filter(({ label }) => /^Ink \d: /.test(label))).toHaveLength(6)
  expect(paced.map(({ label }) => label)).toContain('Ferry blue: clean slips off')
  expect(new Set(settings.ink.mixes.map(({ rag }) => rag)).size).toBe(6)

  await approveBat(
    id,
    job.revision,
    {
      proofPullId: 'proof-1',
      tolerances: usualTolerances(settings),
      approvedBy: 'Bryn Ash',
      reason: '',
    },
    at(10),
  )
  const held = await pull(await loadJob(slug), 'e1', 'edition', 'accepted')
  const bench = held.runs[0].bench
  const need = jobNeed(bench, workAhead(held), NOTHING_BESIDE)
  expect(need.inks).toHaveLength(6)
  for (const one of need.inks) expect(one.grams).toBeCloseTo(0.2 * need.pulls, 9)

  // One ink is corrected: that is the one setting outside, and the others are as they were.
  const violet = bench.ink!.mixes.find(({ name }) => name === 'Mussel violet')!
  const corrected = changeMix(bench.ink!, violet.id, { modifiers: [{ modifier: 'thin-oil', amount: 2 }] })
  await saveStation(id, held.revision, 'ink', corrected, at(20))
  const changed = await loadJob(slug)
  const bat = batOfRun(changed.bats, 0)!
  expect(outsideBat(changed.runs[0].bench, bat).map(({ words }) => words)).toEqual([
    `Ink ${violet.rag}, light copperplate oil added: 2 drops`,
  ])
  const printed = await pull(await pull(changed, 'e2', 'edition', 'accepted'), 'e3', 'edition', 'accepted')
  expect(printed.pulls.map((one) => one.settings.ink.mixes.length)).toEqual([6, 6, 6, 6])

  const sheet = documentJob({ ...printed, bench: printed.runs[0].bench }, 'Europe/Lisbon')
  const rows = sheet.sections.find(({ heading }) => heading === 'Printed as the BAT')!.rows
  for (const { name, rag } of settings.ink.mixes)
    expect(rows.find(({ label }) => label === `Ink: ink ${rag}`)?.value).toContain(name)
  expect(rows.filter(({ label }) => label.startsWith('Wipe: inked'))).toHaveLength(6)

  const copy = await loadJob(await importJob(await exportJob(slug, at(60))))
  expect(copy.runs[0].bench.ink).toEqual(printed.runs[0].bench.ink)
})
