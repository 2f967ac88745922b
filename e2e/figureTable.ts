/** What a test knows of the sample beside its figures: the job's own file, fields as they stand, and rows of the workshop. */
export interface Known {
  job: JobFile
  /** value of a field on a page, by its label */
  field: (page: string, label: string) => string
  number: (page: string, label: string) => number
  /** a figure as it was seen first */
  shown: (figure: string) => string
  soak: { seconds: number; uptakePercent: number }[]
  strip: { points: { minutes: number; tone: number }[]; temperatureC: number }
}

interface Decided {
  kind: string
  decision?: string
  quantity?: string
  value?: number
}
export interface JobFile {
  job: { editionSize: number }
  runs: {
    bench: {
      plate: { widthMm: number; heightMm: number; thicknessMm: number; kind: string }
      paper: Record<
        'gsm' | 'caliperMm' | 'sheetWidthMm' | 'sheetHeightMm' | 'targetUptakePercent' | 'dampMinutes',
        number
      > & { grain: string }
      ink: {
        mixes: {
          parts: { inkId: string; parts: number }[]
          gramsPerPull: number
          puddleGrams: number
          roomC: number
          plateC: number
        }[]
      }
      wipe: { steps: { seconds: number }[] }
      press: { rollerRadiusMm: number }
      register: { scheme: string; bottomToTop: number }
    }
  }[]
  bats: { proofPullId: string }[]
  pulls: {
    id: string
    kind: string
    hands: { inked?: string; wiped?: string }
    events: { event: Decided }[]
  }[]
  inks: { id: string; name: string; k: number[]; s: number[]; viscosityPas: number }[]
}

const JOB = '/jobs/mooring-posts'
export const PAGE = {
  edition: `${JOB}/edition`,
  amount: `${JOB}/ink/amount`,
  stiffness: `${JOB}/ink/stiffness`,
  paper: `${JOB}/paper`,
  day: `${JOB}/paper/day`,
  tearing: `${JOB}/paper/tearing`,
  quote: `${JOB}/edition/quote`,
  plate: `${JOB}/plate`,
  states: `${JOB}/plate/states`,
  bath: `${JOB}/plate/bath`,
  bite: `${JOB}/plate/bite`,
  press: `${JOB}/press`,
  register: `${JOB}/register`,
  wipe: `${JOB}/wipe`,
  card: '/store/papers/heron-white',
  pressCard: '/store/presses/little-press',
  ink: '/store/inks/quay-black',
  queue: '/queue',
} as const
/** Pages of the sample that show a figure. */
export const PAGES = Object.values(PAGE)

const bench = ({ job }: Known) => job.runs[0].bench
const mix = (known: Known) => bench(known).ink.mixes[0]
const decided = ({ job }: Known, decision: string) =>
  job.pulls.filter(
    ({ kind, events }) =>
      kind === 'edition' &&
      events.findLast(({ event }) => event.kind === 'decision')?.event.decision === decision,
  ).length
const sheet = (known: Known) => ({
  widthMm: bench(known).paper.sheetWidthMm,
  heightMm: bench(known).paper.sheetHeightMm,
})
const plateSize = (known: Known) => ({
  widthMm: bench(known).plate.widthMm,
  heightMm: bench(known).plate.heightMm,
})
/** Air-dry grams of a sheet, g/m² × m². */
const dryGrams = (known: Known) => {
  const { widthMm, heightMm } = sheet(known)
  return (bench(known).paper.gsm * widthMm * heightMm) / 1e6
}

const need = (known: Known) => ({
  left: known.job.job.editionSize - decided(known, 'accepted'),
  accepted: decided(known, 'accepted'),
  rejected: decided(known, 'rejected'),
  confidence: 0.9,
  gramsPerPull: { mean: mix(known).gramsPerPull, sd: 0, n: 1 },
  minutesPerPull: known.number(PAGE.quote, 'Time a pull, min'),
})
const reading = (pull: JobFile['pulls'][number]) =>
  pull.events.findLast(({ event }) => event.kind === 'reading' && event.quantity === 'tone1')?.event.value
const life = (known: Known) => {
  const { pulls, bats } = known.job
  // The usual tolerance of a tone is 0.06 D; an etched zinc plate usually stands 150 to 400 pulls (handbook).
  const floor = reading(pulls.find(({ id }) => id === bats[0].proofPullId)!)! - 0.06
  return {
    usualLow: 150,
    usualHigh: 400,
    pulls: pulls.length,
    floor,
    readings: pulls.flatMap((pull, i) => {
      const value = reading(pull)
      if (pull.kind !== 'edition' || value === undefined) return []
      const rejected = pull.events.some(({ event }) => event.decision === 'rejected')
      return [{ pull: i + 1, value, hand: pull.hands.wiped ?? pull.hands.inked ?? '', rejected }]
    }),
  }
}
/** Of an etched zinc plate's warmth e^(−t/τ) is left: τ = 7.14 g/cm³ × 0.388 J/(g·K) × thickness over 10 W/(m²·K). */
const stiffness = (known: Known) => {
  const seconds = bench(known).wipe.steps.reduce((sum, step) => sum + step.seconds, 60)
  const tau = (7140 * 388 * bench(known).plate.thicknessMm * 1e-3) / 10
  const left = Math.exp(-seconds / tau)
  return {
    mixGrams: mix(known).puddleGrams,
    mixPas: 60,
    before: { roomC: mix(known).roomC, plateC: mix(known).plateC },
    todayRoomC: known.number(PAGE.stiffness, 'Room now, °C'),
    warmthLeft: { before: left, today: left },
  }
}
const growth = (known: Known) => ({
  marks: [],
  sheet: sheet(known),
  grain: bench(known).paper.grain,
  plate: plateSize(known),
})
const margins = (known: Known) => ({
  paper: sheet(known),
  plate: plateSize(known),
  scheme: bench(known).register.scheme,
  bottomToTop: bench(known).register.bottomToTop,
})
const tearing = (known: Known) => ({
  sheet: {
    widthMm: known.number(PAGE.tearing, 'Parent sheet width'),
    heightMm: known.number(PAGE.tearing, 'Parent sheet height'),
  },
  piece: sheet(known),
  allowRotate: false,
  gapMm: 0,
})
const quote = (known: Known) => {
  const at = (label: string) => known.number(PAGE.quote, label)
  return {
    wish: {
      signed: at('Signed'),
      ap: at('Artist’s proofs'),
      pp: at('Printer’s proofs'),
      hc: at('Hors commerce'),
      proofs: at('Proofs to the BAT'),
      gramsPerPull: at('Ink a pull, g'),
      minutesPerPull: at('Time a pull, min'),
      minutesToSetUp: at('Setting up and cleaning, min'),
      pricePerSheet: at('Price a sheet'),
      pricePerKg: at('Price of the ink, a kg'),
      hourly: at('An hour of work'),
      otherCosts: at('Other costs'),
      confidence: 0.9,
    },
    earlierAccepted: decided(known, 'accepted'),
    earlierRejected: decided(known, 'rejected'),
    plate: { kind: bench(known).plate.kind, pullsMade: known.job.pulls.length },
  }
}
const day = (known: Known) => {
  const at = (label: string) => known.number(PAGE.day, label)
  const minutes = (time: string) => {
    const [hours, rest] = time.split(':').map(Number)
    return 60 * hours + rest
  }
  const start = minutes(known.field(PAGE.day, 'Start at').slice(11))
  const from = minutes(known.field(PAGE.day, 'Break at')) - start
  return {
    setting: {
      pulls: at('Impressions'),
      setUpMinutes: at('Mix and warm, min'),
      inkWipeMinutes: at('Ink and wipe a plate, min'),
      pullMinutes: at('Lay, pull, peel, interleave, min'),
      cleanUpMinutes: at('Clean up, min'),
      soakMinutes: at('In the water, min'),
      drainMinutes: at('Drain and blot, min'),
      windowMinutes: at('Stays good covered, min'),
      tubSheets: at('Sheets the tub takes'),
      dryingPlaces: null,
    },
    breaks: [{ from, to: from + at('Break, min') }],
  }
}
/** A minute of the day as the clock shows it. */
const clockOf = (known: Known, minute: number) => {
  const [hours, rest] = known.field(PAGE.day, 'Start at').slice(11).split(':').map(Number)
  const all = Math.floor(60 * hours + rest + minute + 1e-6)
  return `${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`
}
const bath = (known: Known) => ({
  volumeMl: known.number(PAGE.bath, 'Warm water, ml'),
  recipe: known.field(PAGE.bath, 'Recipe'),
})
const bite = (known: Known) => ({ strip: known.strip, areas: [{ name: 'sky', tone: 0.25 }], bathC: 17 })
/** A middling film; how it covers does not ask after the paper. */
const film = (known: Known) => {
  const { name, k, s } = known.job.inks.find(({ id }) => id === 'quay-black')!
  return {
    inks: [{ name, k, s }],
    parts: [1],
    // Dry film of a middle tone, from memory.
    filmMicrometres: 7,
    paper: new Array<number>(36).fill(0.85),
    surface: { k1: 0.04, k2: 0.6 },
    geometry: '45:0',
  }
}

/** One named figure: where else its value comes from. */
export interface TabledFigure {
  figure: string
  /** the computation it is an answer of; null: it is counted or typed */
  calc: string | null
  input: (known: Known) => object
  /** the value as it must stand on the screen: a number to its own decimals, or words that must be in it */
  expect: (out: unknown, known: Known) => number | string
}
const row = <Out = Record<string, number>>(
  figure: string,
  calc: string | null,
  input: TabledFigure['input'],
  expect: (out: Out, known: Known) => number | string,
): TabledFigure => ({ figure, calc, input, expect: expect as TabledFigure['expect'] })
interface Size {
  widthMm: number
}
const none = () => ({})

/** Every named figure of the sample, and what it must be. */
export const FIGURES: readonly TabledFigure[] = [
  row('sheets-to-damp', 'edition-need', need, (out) => out.sheets),
  row('pulls-to-come', 'edition-need', need, (out) => out.sheets),
  row('ink-to-mix', 'edition-need', need, (out, known) => Math.ceil(out.sheets * mix(known).gramsPerPull)),
  row('hours', 'edition-need', need, (out) => out.hours),
  row('ink-a-pull', null, none, (_, known) => mix(known).gramsPerPull),
  row('accepted', null, none, (_, known) => decided(known, 'accepted')),
  row('rejected', null, none, (_, known) => decided(known, 'rejected')),
  row('set-aside', null, none, (_, known) => decided(known, 'set-aside')),
  row('pulls-so-far', null, none, ({}, { job }) => job.pulls.length),
  row<{ words: string }>('plate-life', 'plate-life', life, ({ words }) => words),
  row('plate-area', null, none, (_, known) => (plateSize(known).widthMm * plateSize(known).heightMm) / 100),
  ...(['left', 'right', 'top', 'bottom'] as const).map((side) =>
    row(`margin-${side}Mm`, 'margins', margins, (out) => out[`${side}Mm`]),
  ),
  row('wiping-time', null, none, (_, known) => {
    const seconds = bench(known).wipe.steps.reduce((sum, step) => sum + step.seconds, 0)
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
  }),
  row('stiffness-ratio', 'stiffness-correct', stiffness, (out) => out.ratio),
  row<{ plateC: number | null }>('plate-warmth', 'stiffness-correct', stiffness, (out) => out.plateC ?? '—'),
  row(
    'damp-weight',
    null,
    none,
    (_, known) => dryGrams(known) * (1 + bench(known).paper.targetUptakePercent / 100),
  ),
  row(
    'pack-water',
    'damp-pack',
    (known) => ({
      sheets: Number.parseInt(known.shown('sheets-to-damp')),
      ...sheet(known),
      gsm: bench(known).paper.gsm,
      targetUptakePercent: bench(known).paper.targetUptakePercent,
    }),
    (out) => out.waterMl,
  ),
  row('pieces-a-parent', 'tear-plan', tearing, (out) => out.count),
  row('parent-sheets', 'tear-plan', tearing, (out, known) =>
    Math.ceil(Number.parseInt(known.shown('sheets-to-damp')) / out.count),
  ),
  row<{ dampSheet: Size }>('sheet-damp', 'growth', growth, (out) => out.dampSheet.widthMm),
  row<{ dryPlateMark: Size }>('plate-mark-dry', 'growth', growth, (out) => out.dryPlateMark.widthMm),
  row('paper-growth', 'growth', growth, (out) => out.alongPercent),
  row(
    'paper-density',
    null,
    none,
    (_, known) => bench(known).paper.gsm / bench(known).paper.caliperMm / 1000,
  ),
  row(
    'water-in-the-end',
    'soak-fit',
    ({ soak }) => ({ points: soak }),
    (out) => out.saturationPercent,
  ),
  row('sheets-kept-back', 'edition-need', need, (out) => out.sheets),
  row(
    'sheets-free',
    null,
    none,
    ({}, { shown }) => Number(shown('sheets-there')) - Number(shown('sheets-kept-back')),
  ),
  // The bench stands as the BAT: the same stack at the same gap.
  ...(['left', 'right'] as const).map((side) => row(`squeeze-${side}`, null, none, () => 100)),
  row(
    'turn-mm',
    'screw-lead',
    () => ({ thread: 'M16' }),
    (out) => out.mmPerTurn,
  ),
  row('roller', null, none, (_, known) => 2 * bench(known).press.rollerRadiusMm),
  row('ink-covers', 'ink-predict', film, (out) => 100 * out.contrastRatio),
  row(
    'ink-viscosity',
    null,
    none,
    ({}, { job }) => job.inks.find(({ id }) => id === 'quay-black')!.viscosityPas,
  ),
  row('bath-copper-sulphate', 'bath', bath, (out) => out.copperSulphateGrams),
  row('bath-salt', 'bath', bath, (out) => out.saltGrams),
  row('bath-capacity', 'bath', bath, (out) => out.metalCapacityGrams),
  row('bite-peak', 'bite-plan', bite, (out) => out.peakMinutes),
  row('bite-peak-tone', 'bite-plan', bite, (out) => out.peakTone),
  row('quote-accepted', 'quote', quote, (out) => out.accepted),
  row('quote-starts', 'quote', quote, (out) => out.starts),
  row('quote-sheets', 'quote', quote, (out) => out.sheets),
  row('quote-ink', 'quote', quote, (out) => out.inkGrams),
  row('quote-hours', 'quote', quote, (out) => out.hours),
  row('quote-a-print', 'quote', quote, (out) => out.perAccepted),
  row('cycle', 'day-plan', day, (out) => out.cycleMinutes),
  row<{ sheets: { pullAt: number }[] }>('first-pull', 'day-plan', day, (out, known) =>
    clockOf(known, out.sheets[0].pullAt),
  ),
  row('all-printed', 'day-plan', day, (out, known) => clockOf(known, out.printedAt)),
  row('clean', 'day-plan', day, (out, known) => clockOf(known, out.endAt)),
  row(
    'queue-end',
    'press-queue',
    (known) => ({
      people: [1, 2, 3].map((row) => ({
        name: known.field(PAGE.queue, `Name, row ${row}`),
        prepMinutes: Number(known.field(PAGE.queue, `Preparing, min, row ${row}`)),
        pressMinutes: Number(known.field(PAGE.queue, `At the press, min, row ${row}`)),
        thicknessMm: Number(known.field(PAGE.queue, `Plate, mm, row ${row}`)),
      })),
      order: 'soonest',
      places: known.number(PAGE.queue, 'Inking places'),
      presses: known.number(PAGE.queue, 'Presses'),
    }),
    (out) => {
      const all = 600 + Math.floor(out.endMinutes + 1e-6)
      return `${Math.floor(all / 60)}:${String(all % 60).padStart(2, '0')}`
    },
  ),
]
