import { readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { seedDemo } from '@demo/seedDemo'
import { recipeOf } from '@/core/ink/mix'
import { USUAL_CALIBRATION } from '@/core/ink/stiffness'
import { rosterSchema } from '@/core/edition/roster'
import type { PullEvent } from '@/core/edition/pull'
import { USUAL_MATCH_TOLERANCES } from '@/core/match/checks/matchCheck'
import { turnsScale } from '@/core/press/usualScales'
import { procedureFor } from '@/core/plate/procedures'
import { keepCalibration, keepInkWeighing } from '@/data/ink/calibrations'
import { cancelPlate } from '@/data/dry/cancellation'
import { addToBatch, keepCard, makeBatch } from '@/data/ink/cards'
import { movePrint } from '@/data/record/custody'
import { closeDatabase, openDatabase } from '@/data/database/database'
import { dataFolder } from '@/data/database/dataFolder'
import { addDayEvent, beginDay } from '@/data/shop/days'
import { shareRails } from '@/data/across/desk'
import { addDryingPlace, changeBetween } from '@/data/shop/dryingPlaces'
import { keepGrowthMarks } from '@/data/paper/growths'
import { loadJob } from '@/data/shop/jobs'
import { keepProcedure } from '@/data/plate/makings'
import { keepMisfit } from '@/data/register/misfits'
import { addFacing } from '@/data/plate/plateWatch'
import { enterPressEvent, keepPressureTrial } from '@/data/press/pressCards'
import { layToDry } from '@/data/dry/prints'
import { addEvents } from '@/data/across/pulls'
import { keepQueue } from '@/data/shop/queues'
import { layThing } from '@/data/shop/shelves'
import { keepTongue } from '@/data/shop/tongue'
import { keepUnitOrder } from '@/data/shop/unitOrder'
import { giveSheets } from '@/data/across/givenSheets'
import { keepSorting } from '@/data/dry/sortings'

const AT = '2026-04-02T09:00:00.000Z'
const BY = 'Ida Quill'

/** Events of the kinds that the sample itself has none of. */
const EVENTS: PullEvent[] = [
  { kind: 'roller', seconds: 9 },
  {
    kind: 'meeting',
    starts: [
      { rail: 'plate', step: 'Ink', plannedSeconds: 120, secondsBefore: 300 },
      { rail: 'sheet', step: 'Lift', plannedSeconds: 15, secondsBefore: 90 },
    ],
  },
  { kind: 'moment', was: AT },
  { kind: 'maker', maker: 1 },
  { kind: 'fault', where: 7, what: 'grey' },
  {
    kind: 'laid',
    laid: {
      number: 1,
      way: 'slab',
      tool: 'rolled',
      inks: [
        {
          name: 'Dusk blue',
          parts: [{ inkId: 'dusk-blue', name: 'Dusk blue', parts: 1 }],
          micrometres: 5,
          place: 'within',
          area: 'Moon',
        },
      ],
      kept: null,
      marks: '',
      imageId: null,
    },
  },
  { kind: 'features', features: { line: -1, tone: 1 } },
]

/** What the sample does not need and a workshop may hold: one of every kind that the database keeps. */
async function addTheRest(): Promise<void> {
  const [mooring, samphire, window, tides] = await Promise.all(
    ['mooring-posts', 'samphire', 'the-pilot-s-window', 'two-tides'].map(loadJob),
  )
  const [first, second] = mooring.pulls.filter(({ kind }) => kind === 'edition')
  const match: PullEvent = {
    kind: 'match',
    match: {
      referencePullId: mooring.bats[0].proofPullId,
      outcome: 'matches',
      deltaE00: { mean: 0.8, p95: 1.6 },
      values: { register: 0.2, tone: 0.6, blanks: null },
      places: [],
      accepted: [],
      tolerances: USUAL_MATCH_TOLERANCES,
    },
  }
  let revision = mooring.revision
  for (const [id, events] of [
    [first.id, EVENTS],
    [second.id, [match]],
  ] as const)
    revision = await addEvents(
      mooring.id,
      revision,
      { pullId: id, events: [...events], by: BY, why: 'kept' },
      AT,
    )
  await keepSorting(mooring.id, { ...mooring.signing, sorted: [] }, AT)
  await keepInkWeighing(mooring.id, { grams: 12, pulls: 5 }, BY, AT)
  await shareRails(mooring.slug, { words: [{ rail: 'plate', begun: [1], base: 0 }] }, AT)
  await beginDay(mooring.id, DAY)
  await addDayEvent(DAY.id, { sheet: 1, kind: 'in', at: AT }, BY)
  await addDryingPlace({ name: 'Back rack', kind: 'boards', capacity: 20 })
  await layToDry(
    mooring.id,
    revision,
    { method: 'boards', days: 2, by: BY, place: { placeId: 'back-rack', sheets: 4 } },
    AT,
  )
  await changeBetween(1, BY, AT)

  const recipe = { ...recipeOf(samphire.runs[0].bench.ink!.mixes[0]), card: undefined }
  const card = await keepCard({ cardId: null, mix: recipe, why: '', by: BY }, AT)
  const weighed = recipe.parts.map(({ inkId, name, parts }) => ({ inkId, name, grams: parts }))
  await makeBatch({ id: 'batch-1', cardId: card.id, version: card.version, weighed, by: BY }, AT)
  await addToBatch('batch-1', { weighed: weighed.slice(0, 1), by: BY }, AT)
  await keepCalibration({ ...USUAL_CALIBRATION, dropGrams: 0.05 }, AT)
  await keepGrowthMarks({ paperId: 'heron-white', direction: 'across', dryMm: 200, dampMm: 203 }, AT)
  await keepProcedure({ ...procedureFor('card-drypoint'), name: 'Our card' }, BY, AT)
  await keepQueue(
    'Saturday',
    {
      people: [{ name: 'Oona', prepMinutes: 10, pressMinutes: 5, thicknessMm: 1 }],
      places: 2,
      presses: 1,
      order: 'soonest',
    },
    AT,
    BY,
  )
  await keepUnitOrder('metric', AT)
  await keepTongue('american', AT)
  await keepTongue('british', AT)
  await layThing({ shelf: 'papers', thing: 'proofing-oat', isAway: true }, AT)
  // The list of a class stays with a job that became something else.
  const { tables } = await openDatabase()
  await tables.rosters.create({
    jobId: window.id,
    roster: rosterSchema.parse({
      makers: [
        {
          id: 1,
          name: 'Ada',
          prepMinutes: 10,
          pressMinutes: 5,
          thicknessMm: 1,
          kind: null,
          standing: 'waiting',
        },
      ],
      startAt: AT,
      places: 2,
      presses: 1,
      order: 'fair',
      homeOn: null,
    }),
  })
  await enterPressEvent('little-press', { kind: 'zeroed' }, BY, AT)
  await keepPressureTrial(
    {
      pressId: 'little-press',
      jobId: mooring.id,
      trial: { scale: turnsScale(2), suggested: 3, set: 3, verdict: 'right' },
      by: BY,
    },
    AT,
  )
  await keepMisfit(
    tides.id,
    {
      plate: 'Ebb',
      marks: [10, 100].map((xMm) => ({ expected: { xMm, yMm: 10 }, measured: { xMm, yMm: 10.4 } })),
      by: BY,
    },
    AT,
  )
  await addFacing(window.id, { by: BY, note: '', at: AT })
  const sold = window.prints.at(-1)!.pullId
  await movePrint(
    window.id,
    { pullId: sold, move: { kind: 'consigned', to: 'Oona Fell', receipt: '', note: '' }, by: BY },
    AT,
  )
  await giveSheets(
    samphire.id,
    samphire.revision,
    { prints: { from: 'job', jobId: window.id, pullIds: [window.prints[0].pullId] }, by: BY },
    AT,
  )
  await cancelPlate(
    window.id,
    window.revision,
    {
      id: 'cancellation-1',
      how: 'a line across',
      zone: 'Etc/UTC',
      hands: { inked: BY, wiped: BY, laid: BY },
    },
    AT,
  )
}

const DAY = {
  id: 'day-1',
  setting: {
    pulls: 4,
    setUpMinutes: 20,
    inkWipeMinutes: 12,
    pullMinutes: 4,
    cleanUpMinutes: 30,
    soakMinutes: 30,
    drainMinutes: 3,
    windowMinutes: 60,
    tubSheets: 6,
    dryingPlaces: null,
  },
  startAt: AT,
  breaks: [],
  by: BY,
}

/**
 * Lays down the database of a release, for every later one to open: the sample, and one of every kind of event and document beside it.
 *
 * Usage: TYPOTHESIS_DATA=<an empty folder> node --import tsx src/cli/layDownRelease.ts <release number>
 */
async function main(): Promise<void> {
  const [number] = process.argv.slice(2)
  if (!/^\d+$/.test(number ?? '')) throw new Error('Say the number of the release.')
  await seedDemo()
  await addTheRest()
  await (await openDatabase()).sequelize.query('PRAGMA wal_checkpoint(TRUNCATE)')
  await closeDatabase()
  const database = readFileSync(path.join(dataFolder(), 'typothesis.sqlite'))
  const target = path.join(
    import.meta.dirname,
    `../data/database/migrations/releases/release-${number}.sqlite.gz`,
  )
  writeFileSync(target, gzipSync(database, { level: 9 }))
  console.log(`${target}: ${(database.length / 1024).toFixed(0)} kB before packing`)
}

await main()
