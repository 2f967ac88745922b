import { findByName } from '@/core/units/byName'
import { inkOf } from '@/core/ink/mix'
import { changeFirstMix } from '@/core/ink/severalMixes'
import { turnsScale } from '@/core/press/usualScales'
import { createHash } from 'node:crypto'
import type { PullEvent } from '@/core/edition/pull'
import type { PullKind } from '@/core/edition/pullKinds'
import type { RunWish } from '@/core/edition/runs'
import type { Features } from '@/core/prove/features'
import { SETTINGS_VERSION, type Settings, type SettingStation } from '@/core/prove/settings'
import { usualTolerances } from '@/core/prove/tolerance'
import { WIPING_SCHOOLS } from '@/core/wipe/wipingSchools'
import { cropToPlate } from '@/core/plate/artwork'
import { procedureFor } from '@/core/plate/procedures'
import { pacedSteps } from '@/core/wipe/pacedSteps'
import { keepArtwork } from '@/data/plate/artworks'
import { approveBat } from '@/data/prove/bats'
import { makeBathCard, recordBathUse } from '@/data/plate/baths'
import { keepBitePlan, keepStrip } from '@/data/plate/bites'
import { keepBlotting } from '@/data/paper/blottings'
import { addDryingPlace } from '@/data/shop/dryingPlaces'
import { seedOf } from '@/devices/noise'
import type { PrintFaults } from '@/devices/printFaults'
import { washBlanket } from '@/data/press/blankets'
import { enterPressEvent } from '@/data/press/pressCards'
import { changePress } from '@/data/press/presses'
import { keepPicture } from '@/data/across/images'
import { createJob, loadJob, saveStation } from '@/data/shop/jobs'
import { keepMorning, nameWorkshop } from '@/data/shop/mornings'
import { keepCollePiece } from '@/data/register/collePieces'
import { addMakingEvent, beginMaking } from '@/data/plate/makings'
import { addWatchSpot } from '@/data/plate/plateWatch'
import { keepZoneMap } from '@/data/plate/zoneMaps'
import { openNextState, setStatePicture } from '@/data/plate/plateStates'
import { giveNumbers, layToDry } from '@/data/dry/prints'
import { addEvents, makePull } from '@/data/across/pulls'
import { withdrawPull } from '@/data/across/withdrawals'
import { addRun, markDryness, markSheet, openRun } from '@/data/across/runs'
import { keepWeighIn } from '@/data/paper/soaks'
import { enterStock } from '@/data/shop/stock'
import { changePaper, stockStore } from '@/data/shop/store'
import { demoOrigins } from './demoOrigins'
import { POSTS_ZONES, SAMPHIRE_ZONES } from './demoZones'
import { drawPlate, type Motif } from './plateDrawing'
import { printScan } from './printScan'
import { daysToMove, movedBy } from './sampleCalendar'
import { STARTER_PACKS, STARTER_PAPERS, storeMovedBy } from './starterStore'

/** Days the whole sample is moved by; every moment of it goes through here. */
let movedDays = 0
const on = (at: string): string => movedBy(movedDays, at)

/** Name of the invented workshop. */
export const DEMO_WORKSHOP = 'Withy Creek print room'
const ZONE = 'Etc/UTC'
const IDA = 'Ida Quill'
const TAM = 'Tam Brocket'
const OONA = 'Oona Fell'

/** The same id every time for the same name: nothing random at start-up. */
function fixedId(name: string): string {
  const hex = createHash('sha256').update(name).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}

/** What stands on the cards of press and blankets, and what was tried on the bench press. */
async function seedPressCards(): Promise<void> {
  await changePress('little-press', {
    kind: 'two-screw',
    rollerLengthMm: 380,
    bedLengthMm: 700,
    serial: 'LP 31',
    thread: 'M16',
    scale: turnsScale(2),
    frameNPerMm: null,
    note: 'Two screws, turned separately.',
  })
  for (const [day, event] of [
    [on('2026-01-12'), { kind: 'zeroed' }],
    [on('2026-01-12'), { kind: 'test-print', note: 'Even, a touch pale at the right end.', imageId: null }],
    [on('2026-01-13'), { kind: 'upkeep', task: 'screws' }],
    [on('2026-01-13'), { kind: 'upkeep', task: 'grease' }],
    [on('2026-02-16'), { kind: 'even-print', rightTighterTurns: 0.0625 }],
    [on('2026-03-02'), { kind: 'strips', left: 'holds', middle: 'holds', right: 'holds' }],
  ] as const)
    await enterPressEvent('little-press', event, IDA, `${day}T08:30:00.000Z`)
  await washBlanket('catcher', OONA, on('2026-02-27T16:00:00.000Z'))
}

/** Lays out one job as its people would have, at moments of its own. */
class JobStory {
  /** revision after the last step, and pulls made so far */
  private revision = 0
  private pulls = 0

  private constructor(
    private readonly slug: string,
    private readonly id: string,
    private clock: number,
  ) {}

  static async begin(title: string, artist: string, editionSize: number, start: string): Promise<JobStory> {
    const { slug, id } = await createJob({ title, artist, editionSize }, start)
    return new JobStory(slug, id, Date.parse(start))
  }

  private now(): string {
    return new Date(this.clock).toISOString()
  }

  later(minutes: number): this {
    this.clock += minutes * 60_000
    return this
  }

  async set(settings: Partial<Omit<Settings, 'version'>>): Promise<void> {
    for (const [station, value] of Object.entries(settings))
      this.revision = await saveStation(
        this.id,
        this.revision,
        station as SettingStation,
        value,
        this.now(),
        demoOrigins(station as SettingStation, value),
      )
  }

  async picture(motif: Motif, metal: string, state: number): Promise<void> {
    const image = await keepPicture(await drawPlate(motif, metal), `${motif}.png`, this.now())
    this.revision = await setStatePicture(this.id, this.revision, state, image)
  }

  async rework(note: string): Promise<void> {
    this.revision = await openNextState(this.id, this.revision, note, this.now())
  }

  async pull(
    kind: Exclude<PullKind, 'cancellation'>,
    by: string,
    events: PullEvent[],
    change: { expected?: 'lighter' | 'same' | 'darker'; expectation?: string } = {},
  ): Promise<string> {
    const id = fixedId(`${this.slug} ${kind} ${this.pulls}`)
    this.pulls += 1
    this.revision = await makePull(
      this.id,
      this.revision,
      {
        id,
        kind,
        zone: ZONE,
        hands: { inked: by, wiped: by, laid: OONA },
        expected: change.expected ?? null,
        expectation: change.expectation ?? '',
      },
      this.now(),
    )
    this.later(2)
    if (events.length > 0)
      this.revision = await addEvents(this.id, this.revision, { pullId: id, events, by, why: '' }, this.now())
    return id
  }

  /** Takes a pull back that was none. */
  async withdraw(pullId: string, why: string, by: string): Promise<void> {
    this.revision = await withdrawPull(this.id, this.revision, { pullId, why, by }, this.now())
  }

  /** Scans a dry print on our own model of one: made with the settings given, held against the same unless others are. */
  async scan(
    pullId: string,
    name: string,
    motif: Motif,
    settings: Settings,
    faults: Partial<PrintFaults>,
    by: string,
    held: Settings = settings,
  ): Promise<void> {
    const image = await keepPicture(
      await printScan(motif, settings, faults, seedOf(name), held),
      `${name}.jpg`,
      this.now(),
    )
    this.revision = await addEvents(
      this.id,
      this.revision,
      {
        pullId,
        events: [{ kind: 'scan', scan: { imageId: image, taken: 'model', dry: true, corners: null } }],
        by,
        why: '',
      },
      this.now(),
    )
    this.later(4)
  }

  async approve(proofPullId: string, settings: Settings, by: string): Promise<void> {
    this.revision = await approveBat(
      this.id,
      this.revision,
      { proofPullId, tolerances: usualTolerances(settings), approvedBy: by, reason: '' },
      this.now(),
    )
  }

  async nextRun(wish: RunWish, position: number): Promise<void> {
    this.revision = await openRun(this.id, await addRun(this.id, this.revision, wish), position)
  }

  /** Says of sheets that a tissue pressed on them lifts nothing. */
  async tissue(sheets: number[], runPosition: number, by: string): Promise<void> {
    this.revision = await markDryness(
      this.id,
      this.revision,
      { sheets, runPosition, mark: 'dry', by },
      this.now(),
    )
  }

  /** Adds a run by hand for sheets that wait, and marks the first of them done in it. */
  async handRun(
    name: string,
    position: number,
    [sheet, ...others]: number[],
    colours: string,
    by: string,
  ): Promise<void> {
    this.revision = await addRun(this.id, this.revision, {
      name,
      kind: 'colouring',
      between: 'dry',
      waitHours: 72,
    })
    this.later(3 * 24 * 60)
    await this.tissue([sheet, ...others], position, by)
    this.revision = await markSheet(
      this.id,
      this.revision,
      { sheet, runPosition: position, mark: 'done', why: colours, by },
      this.now(),
    )
  }

  async dryAndNumber(
    sorted: { pullId: string; kind: 'edition' | 'AP' | 'BAT' }[],
    by: string,
  ): Promise<void> {
    this.revision = await layToDry(this.id, this.revision, { method: 'blotters', days: 4, by }, this.now())
    this.later(5 * 24 * 60)
    this.revision = await giveNumbers(this.id, this.revision, { sorted, style: 'roman' }, this.now())
  }
}

const verdict = (seen: 'lighter' | 'same' | 'darker', note: string, features: Features = {}): PullEvent => ({
  kind: 'verdict',
  seen,
  note,
  outcome: 'keep',
  features,
  imageId: null,
})
const readings = (uptakePercent: number, plateC: number, tone1: number, tone2: number): PullEvent[] => [
  { kind: 'reading', quantity: 'uptakePercent', value: uptakePercent },
  { kind: 'reading', quantity: 'plateC', value: plateC },
  { kind: 'reading', quantity: 'tone1', value: tone1 },
  { kind: 'reading', quantity: 'tone2', value: tone2 },
]
const accept: PullEvent = { kind: 'decision', decision: 'accepted', reason: '', fate: null }
const eye = (reading: 'lighter' | 'same' | 'darker'): PullEvent => ({ kind: 'eye', reading })

const mooring: Settings = {
  version: SETTINGS_VERSION,
  plate: {
    name: 'Mooring posts',
    kind: 'zinc-etched',
    widthMm: 180,
    heightMm: 120,
    thicknessMm: 1.2,
    bevelDegrees: 45,
    state: 1,
  },
  ink: inkOf({
    name: 'Mix 7, low water',
    basis: 'volume',
    parts: [
      { inkId: 'quay-black', name: 'Quay black', parts: 8 },
      { inkId: 'dusk-blue', name: 'Dusk blue', parts: 2 },
      { inkId: 'silt-brown', name: 'Silt brown', parts: 1 },
    ],
    puddleGrams: 5,
    modifiers: [{ modifier: 'thin-oil', amount: 3 }],
    batchGrams: 30,
    gramsPerPull: 1.2,
    roomC: 19,
    plateC: 37,
  }),
  wipe: WIPING_SCHOOLS['three-stage'].order,
  paper: {
    paperId: 'heron-white',
    name: 'Heron white',
    gsm: 300,
    caliperMm: 0.55,
    sheetWidthMm: 300,
    sheetHeightMm: 250,
    grain: 'long',
    method: 'soak',
    dampMinutes: 30,
    targetUptakePercent: 55,
  },
  press: {
    pressId: 'little-press',
    name: 'The little press',
    rollerRadiusMm: 45,
    scale: turnsScale(2),
    readingLeft: 3,
    readingRight: 3,
    laterPasses: [],
    plateAt: 0,
    isFaceDown: false,
    makeReadyOf: 'card',
    packName: STARTER_PACKS[0].name,
    pack: STARTER_PACKS[0].layers,
    makeReadyMm: 0,
    passes: 1,
    direction: 'one-way',
    secondsOnPlate: null,
    frameNPerMm: null,
  },
  register: {
    scheme: 'weighted',
    bottomToTop: 1.2,
    laying: 'corner-marks',
    leftMm: null,
    topMm: null,
    marks: ['corners', 'centres'],
    plates: [],
    route: 'dried',
    trapMm: 30,
    colle: [],
  },
}

/** A zinc etching in mid-edition: 11 of 24 pulled, one of them rejected. */
async function seedMooringPosts(): Promise<void> {
  const story = await JobStory.begin('Mooring posts', IDA, 24, on('2026-03-02T09:10:00.000Z'))
  const { version: _, ...stations } = mooring
  await story.set({
    ...stations,
    press: { ...mooring.press, readingLeft: 3.5, readingRight: 3.5 },
    ink: changeFirstMix(mooring.ink, { modifiers: [{ modifier: 'thin-oil', amount: 1 }] }),
  })
  await story.picture('posts', '#b9bbbd', 1)
  const first = await story
    .later(70)
    .pull('proof', IDA, [
      eye('lighter'),
      verdict('lighter', 'Grey all over, emboss shallow at the posts.', { line: -1, emboss: -1 }),
    ])
  await story.set({ press: { ...mooring.press, readingLeft: 3, readingRight: 3 } })
  const second = await story
    .later(45)
    .pull(
      'proof',
      IDA,
      [eye('darker'), verdict('darker', 'Lines full. Sky a little starved.', { tone: 1 })],
      { expected: 'darker', expectation: 'Half a turn tighter fills the lines.' },
    )
  await story.set({ ink: mooring.ink })
  const proof = await story
    .later(40)
    .pull(
      'proof',
      IDA,
      [
        eye('same'),
        verdict('same', 'Sky wipes cleanly and holds. This is it.'),
        ...readings(55, 37, 1.42, 0.31),
        batWipe,
      ],
      { expected: 'lighter', expectation: 'Two drops more: easier wipe, more film in the sky.' },
    )
  await story.later(20).approve(proof, mooring, IDA)
  story.later(18 * 60)
  const pulled: string[] = []
  for (const [i, [uptake, plate, tone1, tone2, seen]] of EDITION_READINGS.entries()) {
    const by = i < 6 ? IDA : TAM
    const last: PullEvent =
      i === 6 ? { kind: 'decision', decision: 'rejected', reason: 'crease', fate: 'template' } : accept
    pulled[i] = await story
      .later(22)
      .pull('edition', by, [eye(seen), ...readings(uptake, plate, tone1, tone2), last])
  }
  await story
    .later(1)
    .withdraw(await story.pull('edition', TAM, []), 'Tapped twice; one sheet went through.', TAM)
  story.later(3 * 24 * 60)
  for (const [id, name, faults] of [
    [proof, 'BAT', {}],
    [pulled[9], 'pull 10', TENTH_PULL],
    [pulled[10], 'pull 11', {}],
  ] as const)
    await story.scan(id, name, 'posts', mooring, faults, TAM)
  const stiffer = changeFirstMix(mooring.ink, { modifiers: [{ modifier: 'thin-oil', amount: 1 }] })
  for (const [id, name, turns] of [
    [first, 'proof 1', 3.5],
    [second, 'proof 2', 3],
  ] as const)
    await story.scan(
      id,
      name,
      'posts',
      {
        ...mooring,
        ink: stiffer,
        press: { ...mooring.press, readingLeft: turns, readingRight: turns },
      },
      {},
      TAM,
      mooring,
    )
}

/** What went wrong with the tenth pull: laid askew, a corner that was not rubbed in, and a thumb at the margin. */
const TENTH_PULL: Partial<PrintFaults> = {
  moved: { xMm: 1.4, yMm: -0.7, degrees: 0.3 },
  starved: [{ xMm: 236, yMm: 172, radiusMm: 34, left: 0.25 }],
  fingerprints: [{ xMm: 34, yMm: 214, strength: 0.9 }],
}

/** Readings of the eleven pulls: water %, plate °C, tone of two spots, and the eye. */
const EDITION_READINGS: readonly [number, number, number, number, 'lighter' | 'same' | 'darker'][] = [
  [54, 37, 1.42, 0.31, 'same'],
  [56, 37.5, 1.41, 0.32, 'same'],
  [55, 36.8, 1.43, 0.3, 'same'],
  [57, 37, 1.4, 0.31, 'same'],
  [54, 37.2, 1.41, 0.33, 'same'],
  [56, 36.9, 1.42, 0.31, 'same'],
  [61, 37.4, 1.33, 0.36, 'darker'],
  [55, 35.9, 1.4, 0.33, 'same'],
  [54, 35.7, 1.39, 0.34, 'same'],
  [56, 35.6, 1.38, 0.35, 'darker'],
  [55, 35.5, 1.38, 0.35, 'darker'],
]

/** The tray that bit the mooring posts, and the strip its aquatint was planned by. */
async function seedPlateRoom(): Promise<void> {
  const bath = await makeBathCard(
    {
      name: 'Zinc tray',
      recipe: 'saline-sulphate-zinc',
      volumeMl: 2000,
      by: IDA,
      note: 'Kept covered, not closed.',
    },
    on('2026-02-24T10:00:00.000Z'),
  )
  await recordBathUse(
    bath,
    { plate: 'Mooring posts', openAreaCm2: 54, minutes: 22, depthMicrometres: 90, lossGrams: 3.7, by: IDA },
    on('2026-02-26T11:00:00.000Z'),
  )
  await recordBathUse(
    bath,
    { plate: 'Test strip', openAreaCm2: 12, minutes: 16, depthMicrometres: 60, lossGrams: null, by: TAM },
    on('2026-02-27T15:00:00.000Z'),
  )
  const strip = await keepStrip(
    'Zinc tray, fine rosin',
    {
      temperatureC: 20,
      points: [
        [0.5, 0.21],
        [1, 0.4],
        [2, 0.68],
        [4, 1.04],
        [8, 1.28],
        [14, 1.21],
        [20, 0.98],
      ].map(([minutes, tone]) => ({ minutes, tone })),
    },
    on('2026-02-27T16:00:00.000Z'),
  )
  const { id } = await loadJob('mooring-posts')
  await keepBitePlan(
    id,
    strip,
    {
      bathC: 17,
      areas: [
        { name: 'paper white', tone: 0 },
        { name: 'sky', tone: 0.25 },
        { name: 'far water', tone: 0.5 },
        { name: 'near water', tone: 0.8 },
        { name: 'posts', tone: 1.25 },
      ],
    },
    on('2026-02-28T09:00:00.000Z'),
  )
}

/** Seconds each step of the BAT's wipe took, beside what was planned. */
const BAT_WIPE = [33, 64, 58, 47, 38, 44, 22]
const batWipe: PullEvent = {
  kind: 'wipe',
  taken: pacedSteps(mooring.wipe, { batTaken: null, zoneTones: {}, mixes: [] }).map(
    ({ label, seconds }, i) => ({
      step: label,
      plannedSeconds: seconds,
      takenSeconds: BAT_WIPE[i],
    }),
  ),
}

/** What the plate room keeps of the works: zones, the carrier they were drawn after, a making half-way, a flaw to watch. */
async function seedPlateRecords(): Promise<void> {
  const [posts, samphire] = [await loadJob('mooring-posts'), await loadJob('samphire')]
  await keepZoneMap(posts.id, 0, POSTS_ZONES, IDA, on('2026-03-02T09:30:00.000Z'))
  await keepZoneMap(samphire.id, 0, SAMPHIRE_ZONES, TAM, on('2026-03-05T10:20:00.000Z'))
  const drawing = await keepPicture(
    await drawPlate('samphire', '#e9e6df'),
    'samphire drawing.png',
    on('2026-03-04T09:00:00.000Z'),
  )
  await keepArtwork(
    samphire.id,
    {
      imageId: drawing,
      method: 'card-drypoint',
      crop: cropToPlate({ widthPx: 1110, heightPx: 1500 }, { widthMm: 148, heightMm: 200 }),
      tone: { way: 'threshold', threshold: 150, linesPerInch: 60, angleDegrees: 45 },
      dpi: 300,
    },
    on('2026-03-04T09:05:00.000Z'),
  )
  await beginMaking(
    samphire.id,
    'samphire-card',
    procedureFor('card-drypoint'),
    TAM,
    on('2026-03-04T10:00:00.000Z'),
  )
  for (const [minute, kind, stepId, note] of [
    [0, 'begun', 'cut', ''],
    [9, 'done', 'cut', ''],
    [10, 'begun', 'trace', ''],
    [31, 'done', 'trace', 'Joints marked in red.'],
    [40, 'begun', 'scratch', ''],
    [125, 'done', 'scratch', ''],
    [130, 'begun', 'peel', ''],
    [170, 'failed', 'peel', 'A flap stands up at the foot.'],
  ] as const)
    await addMakingEvent(
      'samphire-card',
      { kind, stepId, note },
      TAM,
      new Date(Date.UTC(2026, 2, 4, 10, minute)).toISOString(),
    )
  await addWatchSpot(samphire.id, {
    state: 2,
    at: [38, 188],
    note: 'A flap of coating at the foot',
    seenAt: on('2026-03-05T13:00:00.000Z'),
    by: TAM,
  })
  await keepCollePiece(
    samphire.id,
    {
      name: 'Pool',
      outline: findByName(SAMPHIRE_ZONES.zones, 'Pool')!.outline,
      fitting: 'template',
      allowanceMm: 0.5,
      cutFrom: 'face',
      paste: 'brushed',
      grain: 'up',
      growthAlongPercent: 0.3,
      growthAcrossPercent: 1.5,
      sheetWidthMm: 210,
      sheetHeightMm: 297,
      pieces: 14,
    },
    on('2026-03-05T14:00:00.000Z'),
  )
}

/** A drypoint on card that is being proved. */
async function seedSamphire(): Promise<void> {
  const story = await JobStory.begin('Samphire', TAM, 10, on('2026-03-05T10:00:00.000Z'))
  const plate = {
    name: 'Samphire',
    kind: 'card-drypoint' as const,
    widthMm: 148,
    heightMm: 200,
    thicknessMm: 0.5,
    bevelDegrees: 0,
    state: 1,
  }
  const ink = inkOf({
    name: 'Marsh green',
    basis: 'volume',
    parts: [
      { inkId: 'samphire-green', name: 'Samphire green', parts: 4 },
      { inkId: 'kelp-black', name: 'Kelp black', parts: 1 },
      { inkId: 'clear-base', name: 'Clear base', parts: 2 },
    ],
    puddleGrams: 4,
    modifiers: [{ modifier: 'thin-oil', amount: 2 }],
    batchGrams: 24,
    gramsPerPull: 1.6,
    roomC: 18,
    plateC: 18,
  })
  const press = { ...mooring.press, readingLeft: 2.75, readingRight: 2.75, makeReadyMm: 0.5 }
  const settings: Settings = {
    version: SETTINGS_VERSION,
    plate,
    ink,
    wipe: WIPING_SCHOOLS['paper-only'].order,
    paper: {
      paperId: 'egret-soft',
      name: 'Egret soft',
      gsm: 250,
      caliperMm: 0.5,
      sheetWidthMm: 280,
      sheetHeightMm: 380,
      grain: 'long',
      method: 'dip',
      dampMinutes: 0.75,
      targetUptakePercent: 62,
    },
    press: { ...press, makeReadyMm: 0 },
    register: {
      scheme: 'weighted',
      bottomToTop: 1.3,
      laying: 'long-edge',
      leftMm: null,
      topMm: null,
      marks: ['corners', 'centres'],
      plates: [],
      route: 'dried',
      trapMm: 30,
      colle: [],
    },
  }
  const { version: _, ...stations } = settings
  await story.set(stations)
  await story.picture('samphire', '#cfc6b4', 1)
  const first = await story
    .later(60)
    .pull('proof', TAM, [
      eye('lighter'),
      verdict('lighter', 'Hardly an emboss; the stems break up.', { line: -1, emboss: -1, tone: -1 }),
    ])
  await story.set({ press })
  const second = await story
    .later(35)
    .pull(
      'proof',
      TAM,
      [eye('darker'), verdict('darker', 'Stems stand. The mud wants to be darker still.', { tone: -1 })],
      { expected: 'darker', expectation: 'A bevelled make-ready sheet brings the thin card up to pressure.' },
    )
  await story.later(30).rework('Peeled the mud along the foot and pricked the joints.')
  await story.picture('samphire', '#cbbfa6', 2)
  const third = await story
    .later(30)
    .pull(
      'proof',
      TAM,
      [eye('darker'), verdict('darker', 'Mud holds ink now. Sky could be wiped brighter.', { tone: 1 })],
      { expected: 'darker', expectation: 'Peeled areas print darkest.' },
    )
  story.later(60)
  const made = { ...settings, press }
  for (const [id, name, setting] of [
    [first, 'first proof of the samphire', settings],
    [second, 'second proof of the samphire', made],
    [third, 'third proof of the samphire', made],
  ] as const)
    await story.scan(id, name, 'samphire', setting, {}, TAM, made)
}

/** A copper etching that is signed and filed. */
async function seedWindow(): Promise<void> {
  const story = await JobStory.begin('The pilot’s window', OONA, 6, on('2026-02-09T09:00:00.000Z'))
  const settings: Settings = {
    ...mooring,
    plate: {
      name: 'The pilot’s window',
      kind: 'copper-etched',
      widthMm: 152,
      heightMm: 140,
      thicknessMm: 1.291,
      bevelDegrees: 40,
      state: 1,
    },
    ink: changeFirstMix(mooring.ink, {
      name: 'Window black',
      parts: [
        { inkId: 'kelp-black', name: 'Kelp black', parts: 5 },
        { inkId: 'mussel-violet', name: 'Mussel violet', parts: 1 },
      ],
      batchGrams: 40,
      gramsPerPull: 1.2,
      roomC: 20,
    }),
    paper: {
      paperId: 'dunlin-cream',
      name: 'Dunlin cream',
      gsm: 280,
      caliperMm: 0.48,
      sheetWidthMm: 380,
      sheetHeightMm: 280,
      grain: 'long',
      method: 'soak',
      dampMinutes: 60,
      targetUptakePercent: 48,
    },
  }
  const { version: _, ...stations } = settings
  await story.set(stations)
  await story.picture('window', '#c79a78', 1)
  await story.later(80).pull('proof', OONA, [eye('same'), verdict('same', 'Close. Left edge a touch pale.')])
  const proof = await story
    .later(50)
    .pull('proof', OONA, [eye('same'), verdict('same', 'Even. Approved.'), ...readings(48, 37, 1.51, 0.24)], {
      expected: 'same',
      expectation: 'Edges wiped once more.',
    })
  await story.approve(proof, settings, OONA)
  const accepted: string[] = []
  for (let i = 0; i < 7; i++)
    accepted.push(
      await story
        .later(24)
        .pull('edition', OONA, [
          eye('same'),
          ...readings(48 + (i % 3) - 1, 37 + 0.2 * (i % 2), 1.5 + 0.01 * (i % 3), 0.24),
          accept,
        ]),
    )
  await story
    .later(60)
    .dryAndNumber(
      [
        ...accepted.slice(0, 6).map((pullId) => ({ pullId, kind: 'edition' as const })),
        { pullId: accepted[6], kind: 'AP' as const },
        { pullId: proof, kind: 'BAT' as const },
      ],
      OONA,
    )
}

/** Two plates a sheet, then colour by hand: six sheets through the first, three through the second. */
async function seedTides(): Promise<void> {
  const story = await JobStory.begin('Two tides', TAM, 4, on('2026-02-17T09:30:00.000Z'))
  const settings: Settings = {
    ...mooring,
    plate: {
      name: 'Flood',
      kind: 'copper-etched',
      widthMm: 160,
      heightMm: 112,
      thicknessMm: 1.291,
      bevelDegrees: 40,
      state: 1,
    },
    ink: changeFirstMix(mooring.ink, {
      name: 'Flood blue',
      parts: [
        { inkId: 'dusk-blue', name: 'Dusk blue', parts: 5 },
        { inkId: 'clear-base', name: 'Clear base', parts: 3 },
      ],
      batchGrams: 30,
      gramsPerPull: 1.1,
      roomC: 19,
    }),
    paper: {
      paperId: 'egret-soft',
      name: 'Egret soft',
      gsm: 250,
      caliperMm: 0.5,
      sheetWidthMm: 280,
      sheetHeightMm: 380,
      grain: 'long',
      method: 'dip',
      dampMinutes: 0.75,
      targetUptakePercent: 60,
    },
  }
  const { version: _, ...stations } = settings
  await story.set(stations)
  await story.picture('tides', '#c79a78', 1)
  const flood = await story
    .later(60)
    .pull('proof', TAM, [eye('same'), verdict('same', 'Pale enough to take the second plate.')])
  await story.approve(flood, settings, TAM)
  for (let i = 0; i < 6; i++)
    await story
      .later(20)
      .pull('edition', TAM, [
        eye(i === 4 ? 'darker' : 'same'),
        i === 4 ? { kind: 'decision', decision: 'rejected', reason: 'smear', fate: 'set-up' } : accept,
      ])
  await story.nextRun({ name: 'Ebb', kind: 'plate', between: 'dry-damp', waitHours: 48 }, 1)
  const second: Settings = {
    ...settings,
    plate: { ...settings.plate, name: 'Ebb' },
    ink: changeFirstMix(settings.ink, {
      name: 'Ebb brown',
      parts: [
        { inkId: 'silt-brown', name: 'Silt brown', parts: 6 },
        { inkId: 'clear-base', name: 'Clear base', parts: 2 },
      ],
    }),
  }
  await story.later(2 * 24 * 60).set({ plate: second.plate, ink: second.ink })
  await story.tissue([2, 3, 4, 5, 7], 1, OONA)
  const ebb = await story
    .later(40)
    .pull('proof', TAM, [eye('same'), verdict('same', 'The ripples cross as they should.')])
  await story.approve(ebb, second, TAM)
  for (let i = 0; i < 3; i++)
    await story
      .later(24)
      .pull('edition', TAM, [
        eye('same'),
        i === 1 ? { kind: 'decision', decision: 'rejected', reason: 'shifted', fate: 'destroyed' } : accept,
      ])
  await story.handRun('Sand colour', 2, [2, 4], 'Raw sienna, one wash', OONA)
}

/** What the workshop knows of its papers, and the places where prints dry. */
async function seedPaperRecords(): Promise<void> {
  const at = on('2026-03-01T10:00:00.000Z')
  await enterStock({ paperId: 'heron-white', kind: 'received', sheets: 25, lot: 'H-118', by: IDA }, at)
  await enterStock({ paperId: 'heron-white', kind: 'sample', sheets: 1, lot: 'H-118', by: IDA }, at)
  const { fibre, sizing, note } = STARTER_PAPERS[0]
  await changePaper('heron-white', {
    fibre,
    sizing,
    note,
    sides: 'Felt side; the mark reads true from it',
    pricePerSheet: 4.2,
    lowAt: 30,
  })
  for (const [strokes, afterPercent] of [
    [2, 66],
    [4, 60],
  ])
    await keepBlotting(
      { paperId: 'heron-white', tool: 'blotters', strokes, beforePercent: 72, afterPercent },
      at,
    )
  await addDryingPlace({ name: 'Long rack', kind: 'rack', capacity: 24 })
  await addDryingPlace({ name: 'Blotter press', kind: 'blotters', capacity: 16 })
}

/**
 * Lays out the whole sample: an invented estuary workshop with four works in different phases.
 *
 * @param now the sample is moved by whole days to end there; left out: it stands where it was written down
 */
export async function seedDemo(now?: string): Promise<void> {
  movedDays = now ? daysToMove(now) : 0
  await nameWorkshop(DEMO_WORKSHOP, on('2026-02-09T08:00:00.000Z'))
  await stockStore(storeMovedBy(movedDays))
  await seedPressCards()
  await seedWindow()
  await seedTides()
  await seedMooringPosts()
  await seedPlateRoom()
  for (const [minutes, dampGrams] of [
    [1, 27.4],
    [5, 33.1],
    [15, 35.6],
    [40, 36.2],
  ])
    await keepWeighIn(
      { paperId: 'heron-white', seconds: minutes * 60, dryGrams: 22.5, dampGrams },
      on('2026-03-01T09:00:00.000Z'),
    )
  await seedPaperRecords()
  await seedSamphire()
  await seedPlateRecords()
  const { id } = await loadJob('mooring-posts')
  await keepMorning(
    { roomC: 15, humidityPercent: 62, sheetGrams: 23.1, sheetJobId: id },
    on('2026-03-06T08:20:00.000Z'),
  )
}
