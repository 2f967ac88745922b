/// <reference types="vite/client" />
import { turnsScale } from '@/core/press/usualScales'
import { copyFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { beforeEach, afterEach, describe, expect, it, vi } from 'vitest'
import { sampleFolder } from '@demo/sampleFolder.test.fixture'
import { USUAL_CALIBRATION } from '@/core/ink/stiffness'
import { readPull } from '@/core/edition/readPull'
import { sheetLines, sheetsWaiting } from '@/core/edition/runs'
import { recipeOf } from '@/core/ink/mix'
import { usualTolerances } from '@/core/prove/tolerance'
import { EMPTY_ZONE_MAP } from '@/core/plate/zoneMap'
import type { KeptDay } from '@/core/day/keptDay'
import { keepCard, makeBatch } from '@/data/ink/cards'
import { beginDay, addDayEvent } from '@/data/shop/days'
import { closeDatabase, openDatabase } from '@/data/database/database'
import { addDryingPlace } from '@/data/shop/dryingPlaces'
import { exportJobFile } from '@/data/record/jobFiles'
import { packJob } from '@/data/record/jobFolder'
import type { JobRecord } from '@/data/record/jobRecord'
import { createJob, declareEditionSize, loadJob } from '@/data/shop/jobs'
import { approveBat } from '@/data/prove/bats'
import { layToDry } from '@/data/dry/prints'
import { giveSheets } from '@/data/across/givenSheets'
import { keepRoster } from '@/data/across/rosters'
import { addRun, setPurpose } from '@/data/across/runs'
import { loadStore } from '@/data/shop/store'
import { keepStrip } from '@/data/plate/bites'
import { makeBathCard } from '@/data/plate/baths'
import { beginMaking } from '@/data/plate/makings'
import { addWatchSpot } from '@/data/plate/plateWatch'
import { keepBlanket } from '@/data/press/blankets'
import { keepDevices } from '@/server/share/devices'
import { openPairing } from '@/server/share/pairing'
import { openWantedPictures } from '@/server/share/wantedPictures'
import { setSharing } from '@/server/share/sharing'
import type { Act } from './act'

vi.mock('next/cache', () => ({ revalidatePath: () => undefined }))
// The check of a whole edition is a process of its own, which this test does without.
vi.mock('../match/editionCheck', () => {
  const state = { done: 0, of: 0, refused: [], isRunning: false, problem: null }
  return { startEditionCheck: () => state, readEditionCheck: () => state, stopEditionCheck: () => state }
})

// The sample is a process of its own too.
vi.mock('@/server/sampleBeside', () => ({
  openSampleBeside: () => Promise.resolve('http://127.0.0.1:3001'),
  closeSampleBeside: () => Promise.resolve(),
}))

const modules = import.meta.glob<Record<string, Act<unknown, object>>>('../../**/*ctions.ts', { eager: true })
const ACTS = new Map(Object.values(modules).flatMap((module) => Object.entries(module)))

const AT = '2031-05-02T09:00:00.000Z'

/** Shares the workshop of the test, with nobody yet; what is shared is kept beside the database and never in it. */
function shareHere() {
  const [pairing, devices] = [openPairing(), keepDevices([], () => undefined)]
  const fingerprint = 'AB CD'
  const pictures = openWantedPictures()
  setSharing({
    urls: ['https://10.0.0.2:3443'],
    trustUrl: 'http://10.0.0.2:3444',
    fingerprint,
    pairing,
    pictures,
    devices,
  })
  return { pairing, pictures, devices }
}
/** @returns the id of a device that waits from now on */
function askToBeLetIn({ pairing }: ReturnType<typeof shareHere>): string {
  pairing.ask(pairing.openCode().code, 'Tablet')
  return pairing.waiting()[0].id
}

/** A class of one. */
const roster = {
  makers: [
    {
      id: 1,
      name: 'Ada',
      prepMinutes: 10,
      pressMinutes: 5,
      thicknessMm: 1,
      kind: null,
      standing: 'waiting' as const,
    },
  ],
  startAt: AT,
  places: 2,
  presses: 1,
  order: 'fair' as const,
  homeOn: '2031-05-09',
  isAnonymous: false,
}
/** A job made a class; what its acts go to. */
async function classOf(job: JobRecord, isListed = true) {
  const revision = await setPurpose(job.id, job.revision, 'class')
  return { jobId: job.id, revision: isListed ? await keepRoster(job.id, revision, roster) : revision }
}
/** A job of single prints that nothing was pulled for yet. */
async function singlePrints() {
  const { id } = await createJob({ title: 'Tide marks', artist: 'Bryn Ash', purpose: 'unique' }, AT)
  return { jobId: id, revision: 0 }
}
const BY = 'Ida Quill'
const given = {
  prints: { from: 'outside' as const, mark: '3/20', source: 'Ebb, by Bryn Ash', imageId: null },
  by: BY,
}
const strip = { points: [1, 2, 4, 8].map((minutes) => ({ minutes, tone: 0.2 * minutes })), temperatureC: 20 }
const bath = { name: 'Spring bath', recipe: 'saline-sulphate-zinc' as const, volumeMl: 500, by: BY, note: '' }
const procedure = {
  name: 'Our way',
  method: 'card-drypoint' as const,
  steps: [
    { id: 'scratch', title: 'Scratch', how: '', needs: [], minutes: 5, check: '', rescues: [], hazard: null },
  ],
}
const blanket = {
  name: 'Spare felt',
  kind: 'pusher' as const,
  newMm: 3,
  nowMm: 3,
  modulusMPa: null,
  since: null,
  clogging: 'none' as const,
  sideUp: 'either' as const,
  note: '',
}
const day: KeptDay = {
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
const queue = {
  people: [{ name: 'Oona', prepMinutes: 10, pressMinutes: 5, thicknessMm: 1 }],
  places: 2,
  presses: 1,
  order: 'soonest',
}

/** What a valid call of every act needs of the demo workshop: an act without a line here fails the test. */
const SAID: Record<string, (jobs: Jobs) => Promise<unknown> | unknown> = {
  saveStationAction: ({ samphire }) => ({
    ...target(samphire),
    station: 'paper',
    value: { ...samphire.runs[0].bench.paper!, dampMinutes: 11 },
  }),
  restoreBenchAction: ({ mooring }) => ({ ...target(mooring), bench: mooring.pulls[0].settings }),
  pullAction: ({ samphire }) => ({
    ...target(samphire),
    pull: {
      id: 'new-pull',
      kind: 'proof',
      zone: 'Europe/Lisbon',
      hands: { inked: BY, wiped: BY, laid: BY },
      expected: null,
      expectation: '',
    },
  }),
  addEventsAction: ({ mooring }) => ({
    ...target(mooring),
    added: { pullId: mooring.pulls[0].id, events: [{ kind: 'roller', seconds: 9 }], by: BY, why: 'timed' },
  }),
  layDownAction: ({ mooring }) => ({
    ...target(mooring),
    layDown: {
      print: { is: 'begun', pullId: mooring.pulls[0].id },
      laid: {
        number: 1,
        way: 'slab',
        tool: 'rolled',
        inks: [
          {
            name: 'Dusk blue',
            parts: [{ inkId: 'dusk-blue', name: 'Dusk blue', parts: 1 }],
            micrometres: 5,
            place: 'all',
            area: '',
          },
        ],
      },
      by: BY,
    },
  }),
  withdrawPullAction: ({ mooring }) => ({
    ...target(mooring),
    withdrawal: { pullId: mooring.pulls.at(-1)!.id, why: 'no sheet lay there', by: BY },
  }),
  approveBatAction: ({ samphire }) => ({
    ...target(samphire),
    bat: {
      proofPullId: samphire.pulls.findLast(({ kind }) => kind === 'proof')!.id,
      tolerances: usualTolerances(samphire.runs[0].bench),
      approvedBy: BY,
      reason: '',
      otherProofPullId: null,
      wetMinutes: null,
    },
  }),
  notePrintSeenAction: async ({ mooring }) => {
    const proof = mooring.pulls.findLast(({ kind }) => kind === 'proof')!
    const approved = await approveBat(
      mooring.id,
      mooring.revision,
      {
        proofPullId: proof.id,
        tolerances: {},
        approvedBy: BY,
        reason: 'By post',
        fromPicture: { asked: '', answered: 'Yes' },
      },
      AT,
    )
    return { ...target(mooring), revision: approved, seen: { by: BY } }
  },
  layToDryAction: ({ mooring }) => ({ ...target(mooring), drying: { method: 'boards', days: 2, by: BY } }),
  keepSortingAction: ({ mooring }) => ({ jobId: mooring.id, numbering: { ...mooring.signing, sorted: [] } }),
  giveNumbersAction: async ({ mooring }) => {
    const accepted = mooring.pulls.filter((pull) => readPull(pull).decision?.decision === 'accepted')
    const revision = await declareEditionSize(mooring.id, mooring.revision, accepted.length)
    const bat = { pullId: mooring.bats.at(-1)!.proofPullId, kind: 'BAT' }
    const sorted = [bat, ...accepted.map(({ id }) => ({ pullId: id, kind: 'edition' }))]
    return { jobId: mooring.id, revision, numbering: { ...mooring.signing, sorted } }
  },
  cancelPlateAction: ({ window }) => ({
    ...target(window),
    cancellation: {
      id: 'last-proof',
      how: 'a line across',
      zone: 'Europe/Lisbon',
      hands: { inked: BY, wiped: BY, laid: BY },
    },
  }),
  unlockNumbersAction: ({ window }) => ({ ...target(window), why: 'one was miscounted', by: BY }),
  declareSizeAction: ({ mooring }) => ({ ...target(mooring), editionSize: 20 }),
  addPaperAction: () => ({
    name: 'Curlew',
    gsm: 250,
    caliperMm: 0.5,
    sheetWidthMm: 500,
    sheetHeightMm: 700,
    grain: 'long',
    sheetsReceived: 10,
    note: '',
  }),
  addPressAction: () => ({ name: 'New press', thread: 'M16', rollerRadiusMm: 50, bedWidthMm: 400, note: '' }),
  setPaperColourAction: () => ({
    paperId: 'heron-white',
    colour: { from: 'chosen', lab: { L: 88, a: 2, b: 12 } },
  }),
  changePaperAction: () => ({ paperId: 'heron-white', details: { note: 'from the top shelf' } }),
  layThingAction: () => ({ shelf: 'papers', thing: 'heron-white', isAway: true }),
  readListAction: () => ({ text: 'Name,Weight,Size\nTern white,250,56 × 76 cm' }),
  bringInListAction: () => ({ text: 'Name,Weight,Size\nTern white,250,56 × 76 cm' }),
  enterStockAction: () => ({ paperId: 'heron-white', kind: 'received', sheets: 5, lot: '', by: BY }),
  addInksAction: async () => {
    const { id: _, gramsNow: __, putAwayAt: ___, ...ink } = (await loadStore()).inks[0]
    return { inks: [{ ...ink, name: 'Plover grey' }] }
  },
  keepTubeAction: () => ({
    inkId: 'quay-black',
    tube: { tubeGrams: 200, gramsLeft: 150, openedOn: null, keepsOpenDays: null, pricePerKg: null },
  }),
  keepMorningAction: () => ({ roomC: 17, humidityPercent: 60, sheetGrams: null, sheetJobId: null }),
  backUpAction: () => ({}),
  beginJobAction: () => ({
    job: { title: 'Plover', artist: BY, editionSize: 5 },
    ink: { name: 'Plover grey', lab: { L: 40, a: 0, b: 0 }, covering: 'covering' },
  }),
  changeJobDetailsAction: ({ mooring }) => ({
    ...target(mooring),
    details: { title: 'Posts', artist: BY, editionSize: 20 },
  }),
  offerAsTemplateAction: ({ mooring }) => ({ jobId: target(mooring).jobId, isOffered: true }),
  layJobAction: ({ mooring }) => ({ jobId: target(mooring).jobId, place: 'archive' }),
  printAgainAction: ({ mooring }) => ({
    jobId: target(mooring).jobId,
    title: 'Mooring posts, again',
    prints: 5,
  }),
  openSampleAction: () => ({}),
  closeSampleAction: () => ({}),
  takeSampleAwayAction: () => {
    // As if it had been laid out here: what it brought is known by the copy beside.
    copyFileSync(path.join(sample(), 'typothesis.sqlite'), path.join(folder, 'sample.sqlite'))
    return {}
  },
  importFolderAction: async ({ samphire }) => {
    const form = new FormData()
    const zip = await packJob(samphire.slug, {}, AT)
    form.set('folder', new File([Uint8Array.from(zip)], 'samphire.zip'))
    return form
  },
  importJobAction: async ({ samphire }) => ({ text: JSON.stringify(await exportJobFile(samphire.slug, AT)) }),
  modelScanAction: ({ mooring }) => ({ slug: mooring.slug, pullId: mooring.pulls.at(-1)!.id }),
  startEditionCheckAction: ({ mooring }) => ({ slug: mooring.slug, dry: true, by: BY, tolerances: {} }),
  readArtworkAction: ({ mooring }) => ({ jobId: mooring.id }),
  readSharedAction: () => shareHere() && {},
  openCodeAction: () => shareHere() && {},
  closeCodeAction: () => shareHere() && {},
  admitDeviceAction: () => ({ id: askToBeLetIn(shareHere()), role: 'desk' }),
  declineDeviceAction: () => ({ id: askToBeLetIn(shareHere()) }),
  wantPictureAction: () => shareHere() && { what: 'Picture of proof 3' },
  collectPictureAction: () => ({ id: shareHere().pictures.want('Picture')!.id }),
  forgetPictureAction: () => ({ id: shareHere().pictures.want('Picture')!.id }),
  revokeDeviceAction: () => {
    const id = '6f1c1f0e-7c59-4d0c-9f8e-0c5f7d1b2a34'
    shareHere().devices.pair({ id, name: 'Tablet', role: 'desk' })
    return { id }
  },
  readEditionCheckAction: ({ mooring }) => ({ slug: mooring.slug }),
  stopEditionCheckAction: ({ mooring }) => ({ slug: mooring.slug }),
  openStateAction: ({ samphire }) => ({ ...target(samphire), note: 'burnished' }),
  setPictureAction: ({ samphire }) => ({
    ...target(samphire),
    state: 1,
    imageId: samphire.plateStates.find(({ imageId }) => imageId)!.imageId,
  }),
  keepStripAction: () => ({ name: 'New strip', strip }),
  keepBitePlanAction: async ({ samphire }) => ({
    jobId: samphire.id,
    stripId: await keepStrip('Strip', strip, AT),
    plan: { areas: [{ name: 'sky', tone: 0.4 }], bathC: 20 },
  }),
  makeBathAction: () => bath,
  recordBathUseAction: async () => ({
    bathId: await makeBathCard(bath, AT),
    use: { plate: 'Plover', openAreaCm2: 20, minutes: 5, depthMicrometres: 60, lossGrams: null, by: BY },
  }),
  endBathAction: async () => ({ bathId: await makeBathCard(bath, AT) }),
  keepZoneMapAction: ({ window }) => ({ jobId: window.id, after: 0, map: EMPTY_ZONE_MAP, by: BY }),
  keepArtworkAction: ({ samphire }) => ({
    jobId: samphire.id,
    artwork: {
      imageId: samphire.plateStates.find(({ imageId }) => imageId)!.imageId,
      method: 'card-drypoint',
      crop: { left: 0, top: 0, width: 1, height: 1 },
      tone: { way: 'grey', threshold: 128, linesPerInch: 60, angleDegrees: 45 },
      dpi: 300,
    },
  }),
  beginMakingAction: ({ samphire }) => ({ jobId: samphire.id, id: 'making-2', procedure, by: BY }),
  addMakingEventAction: async ({ samphire }) => {
    await beginMaking(samphire.id, 'making-2', procedure, BY, AT)
    return { makingId: 'making-2', event: { kind: 'begun', stepId: 'scratch', note: '' }, by: BY }
  },
  keepProcedureAction: () => ({ procedure, by: BY }),
  addWatchSpotAction: ({ samphire }) => ({
    jobId: samphire.id,
    state: 1,
    at: [20, 30],
    note: 'a nick',
    by: BY,
  }),
  endWatchSpotAction: async ({ samphire }) => {
    await addWatchSpot(samphire.id, { state: 1, at: [2, 3], note: 'a nick', by: BY, seenAt: AT })
    const [{ id }] = (await rowsOf('watch_spots')).slice(-1) as { id: number }[]
    return { jobId: samphire.id, id }
  },
  addFacingAction: ({ window }) => ({ jobId: window.id, by: BY, note: '' }),
  keepWeighInAction: () => ({ paperId: 'heron-white', seconds: 60, dryGrams: 20, dampGrams: 28 }),
  keepGrowthMarksAction: () => ({ paperId: 'heron-white', direction: 'across', dryMm: 200, dampMm: 203 }),
  keepBlottingAction: () => ({
    paperId: 'heron-white',
    tool: 'blotters',
    strokes: 4,
    beforePercent: 80,
    afterPercent: 60,
  }),
  keepCollePieceAction: ({ samphire }) => ({
    jobId: samphire.id,
    setting: {
      name: 'Leaf',
      outline: [
        [0, 0],
        [20, 0],
        [20, 20],
      ],
      fitting: 'template',
      allowanceMm: 1,
      cutFrom: 'face',
      paste: 'brushed',
      grain: 'up',
      growthAlongPercent: 0.3,
      growthAcrossPercent: 1,
      sheetWidthMm: 400,
      sheetHeightMm: 300,
      pieces: 4,
    },
  }),
  keepMisfitAction: ({ tides }) => ({
    jobId: tides.id,
    misfit: {
      plate: 'Ebb',
      marks: [10, 100].map((xMm) => ({ expected: { xMm, yMm: 10 }, measured: { xMm, yMm: 10.4 } })),
      by: BY,
    },
  }),
  beginDayAction: ({ mooring }) => ({ jobId: mooring.id, day }),
  addDayEventAction: async ({ mooring }) => {
    await beginDay(mooring.id, day)
    return { dayId: day.id, event: { sheet: 1, kind: 'in', at: AT }, by: BY }
  },
  takeDayEventBackAction: async ({ mooring }) => {
    await beginDay(mooring.id, day)
    for (const sheet of [1, 2]) await addDayEvent(day.id, { sheet, kind: 'in', at: AT }, BY)
    return { dayId: day.id }
  },
  keepQueueAction: () => ({ name: 'Saturday', input: queue, startAt: AT, by: BY }),
  keepCardAction: ({ samphire }) => ({
    cardId: null,
    mix: { ...recipeOf(samphire.runs[0].bench.ink!.mixes[0]), card: undefined },
    why: '',
    by: BY,
  }),
  makeBatchAction: async ({ samphire }) => {
    const card = await newCard(samphire)
    return { id: 'batch-9', cardId: card.id, version: card.version, weighed: card.weighed, by: BY }
  },
  measureBatchAction: async ({ samphire }) => ({
    batchId: await newBatch(samphire),
    measured: Array.from({ length: 36 }, () => 0.3),
  }),
  addToBatchAction: async ({ samphire }) => ({
    batchId: await newBatch(samphire),
    addition: { weighed: [{ inkId: 'clear-base', name: 'Clear base', grams: 2 }], by: BY },
  }),
  keepTongueAction: () => ({ tongue: 'british' }),
  keepUnitOrderAction: () => ({ units: 'metric' }),
  keepCalibrationAction: () => ({ ...USUAL_CALIBRATION, dropGrams: 0.05 }),
  keepInkWeighingAction: ({ mooring }) => ({ jobId: mooring.id, weighing: { grams: 12, pulls: 5 }, by: BY }),
  enterPressEventAction: () => ({ pressId: 'little-press', event: { kind: 'zeroed' }, by: BY }),
  changePressAction: () => ({ pressId: 'little-press', details: { note: 'oiled', scale: turnsScale(2) } }),
  keepPressureTrialAction: ({ mooring }) => ({
    pressId: 'little-press',
    jobId: mooring.id,
    trial: { scale: turnsScale(2), suggested: 3, set: 3, verdict: 'right' },
    by: BY,
  }),
  keepBlanketAction: () => ({ id: null, blanket }),
  washBlanketAction: async () => {
    await keepBlanket(null, blanket)
    const [{ id }] = (await rowsOf('blankets')).slice(-1) as { id: string }[]
    return { id, by: BY }
  },
  keepPackAction: async () => {
    await keepBlanket(null, blanket)
    const [{ id }] = (await rowsOf('blankets')).slice(-1) as { id: string }[]
    return { name: 'One felt', blanketIds: [id] }
  },
  keepCreditsAction: ({ mooring }) => ({
    ...target(mooring),
    credits: [{ role: 'Printed by', name: 'Tam Brocket' }],
  }),
  movePrintAction: ({ window }) => ({
    jobId: window.id,
    moved: {
      pullId: window.prints.at(-1)!.pullId,
      move: { kind: 'sold', to: 'Oona Fell', receipt: '', note: '' },
      by: BY,
    },
  }),
  addRunAction: ({ tides }) => ({ ...target(tides), run: { name: 'Third' } }),
  changeRunAction: ({ tides }) => ({ ...target(tides), position: 1, run: { name: 'Ebb tide' } }),
  removeRunAction: async ({ tides }) => {
    const third = { name: 'Third', kind: 'plate' as const, between: 'dry' as const, waitHours: 0 }
    const revision = await addRun(tides.id, tides.revision, third)
    const { runs } = await loadJob(tides.slug)
    return { jobId: tides.id, revision, position: runs.at(-1)!.position }
  },
  openRunAction: ({ tides }) => ({ ...target(tides), position: 0 }),
  markSheetAction: ({ tides }) => ({
    ...target(tides),
    mark: {
      sheet: sheetsWaiting(sheetLines(tides), 1)[0],
      runPosition: 1,
      mark: 'lost',
      why: 'torn',
      by: BY,
    },
  }),
  giveSheetsAction: async () => ({ ...(await singlePrints()), given }),
  giveBackAction: async () => {
    const { jobId, revision } = await singlePrints()
    return { jobId, revision: await giveSheets(jobId, revision, given, AT), sheet: 1, by: BY }
  },
  markDrynessAction: ({ tides }) => ({
    ...target(tides),
    dryness: {
      runPosition: 1,
      sheets: sheetsWaiting(sheetLines(tides), 1).slice(0, 1),
      mark: 'dry',
      by: BY,
    },
  }),
  keepRosterAction: async ({ mooring }) => ({ ...(await classOf(mooring, false)), roster }),
  changeMakerAction: async ({ mooring }) => ({
    ...(await classOf(mooring)),
    makerId: 1,
    said: { standing: 'late' },
  }),
  pullForMakerAction: async ({ mooring }) => ({
    ...(await classOf(mooring)),
    makerId: 1,
    pull: {
      id: 'maker-pull',
      kind: 'edition',
      zone: 'Etc/UTC',
      hands: { inked: BY, wiped: null, laid: null },
      expected: null,
      expectation: '',
    },
  }),
  forgetNamesAction: async ({ mooring }) => ({ ...(await classOf(mooring)), today: '2031-05-09' }),
  setPurposeAction: ({ mooring }) => ({ ...target(mooring), purpose: 'varied' }),
  addDryingPlaceAction: () => ({ name: 'Back rack', kind: 'boards', capacity: 20 }),
  changeBetweenAction: async (jobs) => ({ loadId: await newLoad(jobs), by: BY }),
  takeOutAction: async (jobs) => ({ loadId: await newLoad(jobs) }),
}
/** Questions, and acts on a process beside the database: nothing they do is seen in it. */
const UNSEEN = [
  'readListAction',
  'readArtworkAction',
  'readSharedAction',
  'openCodeAction',
  'closeCodeAction',
  'admitDeviceAction',
  'declineDeviceAction',
  'revokeDeviceAction',
  'collectPictureAction',
  'forgetPictureAction',
  'wantPictureAction',
  'readEditionCheckAction',
  'startEditionCheckAction',
  'stopEditionCheckAction',
  'backUpAction',
  'openSampleAction',
  'closeSampleAction',
]
/** What asks for something that is new each time. */
const EACH_ANEW = ['wantPictureAction']

interface Jobs {
  mooring: JobRecord
  samphire: JobRecord
  window: JobRecord
  tides: JobRecord
}
const target = ({ id: jobId, revision }: JobRecord) => ({ jobId, revision })

async function newCard(job: JobRecord) {
  const mix = recipeOf(job.runs[0].bench.ink!.mixes[0])
  const card = await keepCard(
    { cardId: null, mix: { ...mix, card: undefined, name: 'Plover' }, why: '', by: BY },
    AT,
  )
  const weighed = mix.parts.map(({ inkId, name, parts }) => ({ inkId, name, grams: parts }))
  return { ...card, weighed }
}
async function newBatch(job: JobRecord): Promise<string> {
  const card = await newCard(job)
  await makeBatch(
    { id: 'batch-8', cardId: card.id, version: card.version, weighed: card.weighed, by: BY },
    AT,
  )
  return 'batch-8'
}
async function newLoad({ mooring }: Jobs): Promise<number> {
  await addDryingPlace({ name: 'Back rack', kind: 'boards', capacity: 20 })
  const place = { placeId: 'back-rack', sheets: 4 }
  await layToDry(mooring.id, mooring.revision, { method: 'boards', days: 2, by: BY, place }, AT)
  return ((await rowsOf('drying_loads')).at(-1) as { id: number }).id
}

async function rowsOf(table: string): Promise<object[]> {
  const [rows] = await (await openDatabase()).sequelize.query(`SELECT * FROM "${table}" ORDER BY rowid`)
  return rows as object[]
}

/** Every row of every table, but the notes of acts themselves. */
async function everything(): Promise<Record<string, object[]>> {
  const { tables } = await openDatabase()
  const names = Object.keys(tables).filter((name) => name !== 'acts')
  return Object.fromEntries(await Promise.all(names.map(async (name) => [name, await rowsOf(name)] as const)))
}

const sample = sampleFolder()
let folder: string
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'typothesis-act-'))
  process.env.TYPOTHESIS_DATA = folder
})
afterEach(async () => {
  setSharing(null)
  await closeDatabase()
  rmSync(folder, { recursive: true, force: true })
})

/** The demo, as every act begins with it. */
async function workshop(): Promise<Jobs> {
  cpSync(sample(), folder, { recursive: true })
  const [mooring, samphire, window, tides] = await Promise.all(
    ['mooring-posts', 'samphire', 'the-pilot-s-window', 'two-tides'].map(loadJob),
  )
  return { mooring, samphire, window, tides }
}

describe('every act', () => {
  it('has a line here', () => expect(Object.keys(SAID).sort()).toEqual([...ACTS.keys()].sort()))

  it.each([...ACTS.keys()])('%s, sent twice, is done once and answered alike', async (name) => {
    const act = ACTS.get(name)!
    const said = await SAID[name](await workshop())
    const before = await everything()
    const first = await act(said, 'key-of-this-act')
    expect(first, JSON.stringify(first)).toMatchObject({ ok: true })
    const after = await everything()
    if (UNSEEN.includes(name)) expect(after).toEqual(before)
    else expect(after).not.toEqual(before)
    const again = await act(said, 'key-of-this-act')
    if (!EACH_ANEW.includes(name)) expect(again).toEqual(first)
    expect(await everything()).toEqual(after)
  })

  it('answers in words whatever it is sent, and writes nothing', async () => {
    await workshop()
    const before = await everything()
    const odd: unknown[] = [null, undefined, [], [null], 'words', 7, { jobId: null }, { by: { $gt: '' } }]
    odd.push({ by: 'half \ud83d' }, { name: 'nought \0' })
    for (const [name, act] of ACTS)
      for (const [i, input] of odd.entries()) {
        const answered = await act(input, `key-of-odd-${i}`)
        expect(answered, `${name} ${JSON.stringify(input)}`).toMatchObject({ ok: false })
      }
    expect(await everything()).toEqual(before)
  })
  it('without a key, or with one that is none, is not done', async () => {
    const said = await SAID.addPaperAction(await workshop())
    const before = await everything()
    for (const key of [undefined, null, 'short', 'a b c d e f g h', {}])
      expect(await ACTS.get('addPaperAction')!(said, key as string)).toMatchObject({ ok: false })
    expect(await everything()).toEqual(before)
  })
  it('says where a text stands that cannot be kept', async () => {
    const paper = (await SAID.addPaperAction(await workshop())) as object
    const answered = await ACTS.get('addPaperAction')!({ ...paper, note: 'half \ud83d' }, 'key-of-half')
    expect(answered).toEqual({
      ok: false,
      conflict: false,
      problems: [{ field: 'note', message: 'has a character that cannot be kept: type it again.' }],
    })
  })
})
