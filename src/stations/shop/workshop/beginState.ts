import type { Lab } from '@/core/colour/convertXyzToLab'
import type { Covering } from '@/core/ink/estimateInk'
import { foldsFor, usualFold, type Fold } from '@/core/paper/folds'
import { readPaperLine } from '@/core/paper/paperLine'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { usualCaliperMm } from '@/core/paper/usualCaliper'
import type { PlateKind } from '@/core/plate/plate'
import type { Blanket } from '@/core/press/blanket'
import { pressByAnswer, waysOf } from '@/core/press/pressByAnswer'
import type { PressKind } from '@/core/press/pressKind'
import { readingProblem, type PressureScale, type WayOfReading } from '@/core/press/pressureScale'
import { beginBench, carryInto, type BeginWith } from '@/core/prove/beginBench'
import { purposeFacts, type Purpose } from '@/core/prove/purpose'
import type { Bench } from '@/core/prove/settings'
import { formatMm, formatNumber } from '@/core/units/length'
import type { UnitOrder } from '@/core/units/shownUnits'
import { parseSize, type Size } from '@/core/units/sizeLine'
import { unitsTyped } from '@/core/units/unitsTyped'
import type { FieldProblem } from '@/data/database/errors'
import type { BeginJob } from '@/data/shop/beginJob'
import type { StorePress } from '@/data/press/presses'
import type { StorePaper } from '@/data/shop/store'

/** What there is to choose from. */
export interface BeginShelf {
  inks: readonly { id: string; name: string }[]
  papers: readonly Omit<StorePaper, 'sheetsLeft'>[]
  presses: readonly StorePress[]
  blankets: readonly (Blanket & { id: string })[]
  /** the job it is begun as, where nothing else is said; null: none */
  earlier: { jobId: string; title: string; bench: Bench } | null
  /** somebody said which units are read first */
  isUnitOrderSaid: boolean
  /** somebody said whose words of the trade are read */
  isTongueSaid: boolean
  /** jobs that new ones are begun as; those of the bin are none */
  templates: readonly { slug: string; title: string }[]
}

/** A new print while it is being said: every field as it was typed or picked, '' and null where nobody has. */
export interface BeginState {
  title: string
  artist: string
  purpose: Purpose
  editionSize: number | null
  /** id of a press of the store, or a kind after "new:" */
  press: string
  /** how a new press is read; null: as its kind usually is */
  way: WayOfReading | null
  reading: number | null
  kind: PlateKind | ''
  size: string
  ink: string
  /** of an ink that is new here */
  lab: Lab
  covering: Covering
  paper: string
  /** how often the sheet is folded; null: as one begins */
  fold: number | null
}

/** Before anybody said anything; a new ink begins as a black. */
export const OPEN_BEGIN: BeginState = {
  title: '',
  artist: '',
  purpose: 'edition',
  editionSize: 12,
  press: '',
  way: null,
  reading: null,
  kind: '',
  size: '',
  ink: '',
  lab: { L: 18, a: 0, b: 0 },
  covering: 'half-covering',
  paper: '',
  fold: null,
}

/** Prefix of a press that is not in the store yet. */
export const NEW_PRESS = 'new:'

/** A paper as it stands in the list: what tells it from another of its name too. */
export const paperLabel = ({
  name,
  gsm,
  sheetWidthMm,
  sheetHeightMm,
}: Pick<StorePaper, 'name' | 'gsm' | 'sheetWidthMm' | 'sheetHeightMm'>): string =>
  `${name}, ${formatNumber(gsm, 0)} g/m², ${formatMm(sheetWidthMm)} × ${formatMm(sheetHeightMm)}`

/** Whether a text means a thing by what it is called, however it is written. */
const isCalled = (called: string, text: string): boolean =>
  called.localeCompare(text.trim(), undefined, { sensitivity: 'accent' }) === 0

/** What a field's text comes to, or what is wrong with it. */
type Read<T> = { value: T | null; problem: string | null }
const read = <T>(value: T | null): Read<T> => ({ value, problem: null })

function readSize(text: string): Read<Size> {
  if (text.trim() === '') return read<Size>(null)
  const size = parseSize(text)
  return { value: size, problem: size ? null : 'Write both sides, such as 120 × 90 mm.' }
}

type PaperOf = NonNullable<BeginWith['paper']>

function readPaper(text: string, papers: BeginShelf['papers']): Read<Omit<PaperOf, 'sheet'>> {
  if (text.trim() === '') return read<PaperOf>(null)
  const known =
    papers.find((one) => isCalled(paperLabel(one), text)) ?? papers.find((one) => isCalled(one.name, text))
  if (known) return read({ ...known, widthMm: known.sheetWidthMm, heightMm: known.sheetHeightMm })
  const { name, gsm, size } = readPaperLine(text)
  const missing = [
    ...(name.length === 0 ? ['what it is called'] : []),
    ...(gsm === null ? ['its weight'] : []),
    ...(size === null ? ['its size'] : []),
  ]
  if (missing.length > 0 || gsm === null || size === null)
    return {
      value: null,
      problem: `Add ${missing.join(' and ')}: all of it in one line, such as Heron 300 g 56 × 76 cm.`,
    }
  return read({
    id: '',
    name,
    gsm,
    ...size,
    caliperMm: usualCaliperMm(gsm),
    grain: 'unknown',
    sizing: 'unknown',
    sides: '',
    reflectance: RAG_WHITE,
  })
}

/** What is known of a press that is chosen or meant. */
type PressOf = Omit<NonNullable<BeginWith['press']>, 'reading'>

function readPress(
  { press, way }: Pick<BeginState, 'press' | 'way'>,
  presses: BeginShelf['presses'],
): PressOf | null {
  const known = presses.find(({ id }) => id === press)
  if (known) return known
  if (!press.startsWith(NEW_PRESS)) return null
  const kind = press.slice(NEW_PRESS.length) as PressKind
  return { id: '', frameNPerMm: null, ...pressByAnswer(kind, way ?? waysOf(kind)[0]) }
}

/** What is unreadable or cannot be, and at which field. */
export interface BeginProblem extends FieldProblem {
  field: 'size' | 'paper' | 'reading'
}

/** Everything the form shows of what was said so far. */
export interface BegunPrint {
  bench: Bench
  /** what is unreadable, at its field */
  problems: BeginProblem[]
  /** the ink is not on the shelf yet */
  isNewInk: boolean
  /** of a paper that is not in the stockroom yet: how it was understood; null: it is there */
  newPaper: Pick<PaperOf, 'name' | 'gsm' | 'widthMm' | 'heightMm'> | null
  /** of a press that is not in the store yet: how it may be read; null: it is there, or read in one way only */
  ways: readonly WayOfReading[] | null
  way: WayOfReading | null
  scale: PressureScale | null
  folds: Fold[]
  fold: Fold | null
}

/** The parts of what was said, each read by itself. */
function readParts(state: BeginState, shelf: BeginShelf) {
  const size = readSize(state.size)
  const paper = readPaper(state.paper, shelf.papers)
  const whole = paper.value && { widthMm: paper.value.widthMm, heightMm: paper.value.heightMm }
  const both = whole && size.value ? { whole, plate: size.value } : null
  const folds = both ? foldsFor(both.whole, both.plate) : []
  const chosen = folds.find(({ times }) => times === state.fold) ?? null
  return {
    size,
    paper,
    press: readPress(state, shelf.presses),
    ink: shelf.inks.find((one) => isCalled(one.name, state.ink)) ?? null,
    folds,
    /** the piece somebody chose; null: as one begins */
    chosen,
    fold: chosen ?? (both && usualFold(both.whole, both.plate)),
    isTooSmall: both !== null && folds.length === 0,
  }
}
type Parts = ReturnType<typeof readParts>

/** What is wrong with the reading on the press; null: nothing, or none was said. */
const wrongReading = ({ press }: Parts, { reading }: BeginState): string | null =>
  press && reading !== null ? readingProblem(press.scale, reading) : null

/** The bench that a print begins with, as far as it was said; things that are not in the store yet stand under a stopgap. */
function benchOf(state: BeginState, parts: Parts, { blankets, earlier }: BeginShelf): Bench {
  const { size, paper, press, ink, chosen } = parts
  const title = state.title.trim()
  const isInkSaid = state.ink.trim().length > 0
  const said = beginBench({
    title: title || 'The plate',
    plate: size.value && state.kind !== '' ? { kind: state.kind, size: size.value } : null,
    ink: isInkSaid ? (ink ?? { id: 'new', name: state.ink.trim() }) : null,
    paper: paper.value && {
      ...paper.value,
      id: paper.value.id || 'new',
      sheet: chosen && sizeOf(chosen),
    },
    press: press && {
      ...press,
      id: press.id || 'new',
      reading: wrongReading(parts, state) === null ? state.reading : null,
    },
    shelf: blankets,
  })
  return earlier ? carryInto(said, earlier.bench, title || 'The plate') : said
}

/** What is unreadable, at its field. */
function problemsOf(state: BeginState, parts: Parts): BeginProblem[] {
  const { size, paper, isTooSmall } = parts
  const problems = [
    ['size', size.problem],
    ['size', isTooSmall ? 'The plate is larger than this sheet.' : null],
    ['paper', paper.problem],
    ['reading', wrongReading(parts, state)],
  ] as const
  return problems.flatMap(([field, message]) => (message ? [{ field, message }] : []))
}

/** Reads a print as it is being said: the bench it would begin with, and what cannot be read. */
export function readBegin(state: BeginState, shelf: BeginShelf): BegunPrint {
  const parts = readParts(state, shelf)
  const { paper, press, ink, folds, fold } = parts
  const ways = press && state.press.startsWith(NEW_PRESS) ? waysOf(press.kind) : []
  return {
    bench: benchOf(state, parts, shelf),
    problems: problemsOf(state, parts),
    isNewInk: state.ink.trim().length > 0 && !ink,
    newPaper: paper.value?.id.length === 0 ? paper.value : null,
    ways: ways.length > 1 ? ways : null,
    way: press?.scale.id ?? null,
    scale: press?.scale ?? null,
    folds,
    fold,
  }
}

const sizeOf = ({ widthMm, heightMm }: Fold): Size => ({ widthMm, heightMm })

/** The units its sizes are typed in; null: it cannot be told. */
export const unitsOf = ({ size, paper }: Pick<BeginState, 'size' | 'paper'>): UnitOrder | null =>
  unitsTyped([size, paper])

/** What is sent: what was said, and nothing else. */
export function wishOf(state: BeginState, shelf: BeginShelf): BeginJob {
  const { title, artist, purpose, editionSize, kind, reading, lab, covering } = state
  const { size, paper, press, ink, chosen } = readParts(state, shelf)
  const named = state.ink.trim()
  const newInk = named.length > 0 ? { name: named, lab, covering } : null
  const isSizeSaid = purposeFacts(purpose).asksSize !== null && editionSize !== null
  return {
    job: { title, artist, purpose, ...(isSizeSaid ? { editionSize } : {}) },
    plate: size.value && kind !== '' ? { kind, size: size.value } : null,
    ink: ink ? { id: ink.id } : newInk,
    paper: paper.value && paperWish(paper.value, chosen && sizeOf(chosen)),
    press: press && pressWish(press, reading),
    units: unitsOf(state),
    fromJobId: shelf.earlier?.jobId ?? null,
  }
}

const paperWish = ({ id, name, gsm, widthMm, heightMm }: Omit<PaperOf, 'sheet'>, sheet: Size | null) =>
  id.length === 0 ? { name, gsm, size: { widthMm, heightMm }, sheet } : { id, sheet }

const pressWish = ({ id, kind, scale }: PressOf, reading: number | null) =>
  id.length === 0 ? { kind, way: scale.id, reading } : { id, reading }
