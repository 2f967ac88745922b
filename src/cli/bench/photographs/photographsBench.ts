import type { MatchReport } from '@/core/match/matchReport'
import { bled, plateThatBleeds } from './bleeding'
import { CONDITIONS, type Condition } from './conditions'
import { taken } from './imaging'
import { differing, held } from './held'
import { benchPlateMarks } from './plateMarks'
import { PLATES } from './plates'
import { printed, type Piece, type Planted, type Sheet } from './prints'
import { benchSizes } from './sizes'

/** What was said of pairs of like prints: of how many checks that they differ, or match, and of how many nothing. */
interface Tally {
  pairs: number
  refused: number
  differs: Map<string, number>
  matches: number
  unsaid: number
  /** misfit and stretch that were stated, mm and %; of these prints there is none */
  registerMm: number[]
  stretchPercent: number[]
}
const empty = (): Tally => ({
  pairs: 0,
  refused: 0,
  differs: new Map(),
  matches: 0,
  unsaid: 0,
  registerMm: [],
  stretchPercent: [],
})

function count(tally: Tally, report: MatchReport | null): void {
  tally.pairs += 1
  if (!report) {
    tally.refused += 1
    return
  }
  for (const { check, standing } of report.checks) {
    if (standing === 'differs') tally.differs.set(check, (tally.differs.get(check) ?? 0) + 1)
    else if (standing === 'matches') tally.matches += 1
    else tally.unsaid += 1
  }
  if (report.registerMm) tally.registerMm.push(Math.hypot(report.registerMm.x, report.registerMm.y))
  if (report.stretchPercent)
    tally.stretchPercent.push(Math.max(Math.abs(report.stretchPercent.x), Math.abs(report.stretchPercent.y)))
}

const most = (values: readonly number[], places: number) =>
  values.length === 0 ? '–' : Math.max(...values).toFixed(places)

const wrongOf = ({ differs }: Tally) => [...differs.values()].reduce((sum, n) => sum + n, 0)

function row({ name, isGood }: Condition, tally: Tally): string {
  const wrong = wrongOf(tally)
  const said = wrong + tally.matches
  const which = [...tally.differs].map(([check, n]) => `${check} ${n}`).join(', ')
  const kind = isGood ? 'good' : 'bad '
  return `${kind} ${name.padEnd(26)} ${String(tally.pairs).padStart(3)} pairs, ${String(tally.refused).padStart(2)} refused, ${String(said).padStart(3)} said, ${String(tally.unsaid).padStart(3)} unsaid, ${String(wrong).padStart(3)} wrong${which ? ` (${which})` : ''}; register to ${most(tally.registerMm, 2)} mm, stretch to ${most(tally.stretchPercent, 2)} %`
}

interface Fault {
  name: string
  planted?: Planted
  /** laid on in the BAT, and in the print; as in the BAT where it is left out */
  piece?: readonly [bat: Piece | null, print: Piece | null]
  /** the condition both pictures are taken under; left out: the first, which is good */
  under?: string
  /** checks of which one must tell it; none: nothing may be told */
  toldBy: readonly string[]
}

/** Faults planted in good pictures, and the checks of which one must tell them. */
const PIECE: Piece = [30, 18, 44, 32]
/** Strokes of a later state: two dozen across an open part of the plate. */
const CUT = Array.from({ length: 24 }, (_, i) => [6 + 1.3 * i, 6, 12 + 1.3 * i, 20] as const)
/** A camera that raises contrast, against a scanner. */
const BY_STRIP = 'by strip, contrast against flatbed'
const FAULTS: readonly Fault[] = [
  { name: '1 mm off', planted: { shift: [5, 3] }, toldBy: ['register'] },
  { name: 'a third less ink', planted: { ink: 0.67 }, toldBy: ['tone', 'lines', 'colour'] },
  { name: 'a smear of 4 mm', planted: { smear: [14, 60, 2] }, toldBy: ['marks'] },
  {
    name: 'half the ink lost over 9 cm²',
    planted: { loss: [38, 26, 30, 30, 0.5] },
    toldBy: ['blanks', 'bands', 'breaks', 'edges', 'sides', 'evenness', 'lines', 'tone', 'colour'],
  },
  {
    name: '40 % of the ink lost over 9 cm², named',
    planted: { loss: [38, 26, 30, 30, 0.6] },
    toldBy: ['blanks'],
  },
  { name: 'three times the plate tone', planted: { tone: 3 }, toldBy: ['film', 'tone'] },
  { name: 'a dirty bevel', planted: { bevel: 0.2 }, toldBy: ['edges'] },
  { name: 'printed 0.8 % wider', planted: { grown: 0.008 }, toldBy: ['stretch'] },
  {
    name: 'two dozen lines cut since, as lines or as marks',
    planted: { cut: CUT },
    toldBy: ['state', 'marks'],
  },
  { name: 'by strip, a third less ink', planted: { ink: 0.67 }, under: BY_STRIP, toldBy: ['tone', 'lines'] },
  {
    name: 'by strip, three times the plate tone',
    planted: { tone: 3 },
    under: BY_STRIP,
    toldBy: ['film', 'tone'],
  },
  {
    name: 'between cameras, half the ink lost over 9 cm²',
    planted: { loss: [38, 26, 30, 30, 0.5] },
    under: 'phone, contrast raised',
    toldBy: ['blanks', 'bands', 'breaks', 'edges', 'sides', 'evenness', 'lines', 'tone', 'colour'],
  },
  { name: 'a laid-on piece missing', piece: [PIECE, null], toldBy: ['chine'] },
  { name: 'a laid-on piece 4 mm off', piece: [PIECE, [34, 18, 44, 32]], toldBy: ['chine'] },
  { name: 'a laid-on piece as in the BAT', piece: [PIECE, PIECE], toldBy: [] },
]
/** Only what is planted is looked at. */
const ONLY_FAULTS = 'planted'
/** From which size on. */
const ONLY_SIZES = 'sizes'
const ONLY_MARKS = 'plate marks'

/** How far from the truth it may be stated where a plate lies, mm, and how much it grew, %; and how often like prints in good pictures may be said to differ. */
const LIMITS = { registerMm: 0.15, stretchPercent: 0.2, falseShare: 0.05, found: 0.9 }

/** What is planted in prints of one plate, and how often it was told right; what was not is printed. @param only faults whose names begin so */
function countFaults(at: number, found: Map<string, number>, only: string): void {
  const { name: plate, film } = PLATES[at]
  const seed = 100 * (at + 1)
  const [good] = CONDITIONS
  const plain = taken(printed(film, seed + 1), good.reference, seed + 70)
  for (const [nth, { name, planted, piece, under, toldBy }] of FAULTS.entries()) {
    if (!name.startsWith(only)) continue
    const condition = CONDITIONS.find((one) => one.name === under) ?? good
    const reference =
      piece || under
        ? taken(printed(film, seed + 1, {}, piece?.[0] ?? null), condition.reference, seed + 70)
        : plain
    const faulty = printed(film, seed + 3 + nth, planted, piece?.[1] ?? null)
    const report = held(reference, taken(faulty, condition.impression, seed + 80 + nth))
    const isTold =
      toldBy.length === 0
        ? report !== null && differing(report).length === 0
        : differing(report).some(({ check }) => toldBy.includes(check))
    found.set(name, (found.get(name) ?? 0) + (isTold ? 1 : 0))
    if (!isTold) console.log(`  ${plate}, ${name}: ${saidOf(report, toldBy)}`)
  }
}

/** What was said where a fault was not told right. */
function saidOf(report: MatchReport | null, toldBy: readonly string[]): string {
  if (!report) return 'refused'
  const own = report.checks.filter(({ check }) => toldBy.includes(check))
  return [
    differing(report)
      .map(({ check, value }) => `${check} ${value?.toFixed(1)}`)
      .join(', ') || 'nothing differs',
    ...own.map(({ check, value }) => `${check} ${value === null ? 'cannot be said' : value.toFixed(2)}`),
  ].join('; ')
}

/**
 * Holds like prints of ten kinds of plate against one another in good pictures and bad, and prints with planted faults in good ones; prints
 * what was said of them. @param only conditions whose names begin so, and no fault; `planted`, or `planted:` and the beginning of a fault: no like prints; `sizes`: from which size on faults are told; `plate marks`: where plates are found
 */
export function benchPhotographs(only = ''): boolean {
  if (only.startsWith(ONLY_SIZES)) return benchSizes(only.split(':')[1])
  if (only === ONLY_MARKS) return benchPlateMarks()
  const tallies = new Map<Condition, Tally>(CONDITIONS.map((one) => [one, empty()]))
  const found = new Map<string, number>()
  const [isFaults, fault = ''] = [only.startsWith(ONLY_FAULTS), only.split(':')[1]]
  for (const [at, { film }] of PLATES.entries()) {
    const seed = 100 * (at + 1)
    const [bat, like]: Sheet[] = [printed(film, seed + 1), printed(film, seed + 2)]
    for (const [nth, condition] of CONDITIONS.entries()) {
      if (!condition.name.startsWith(only)) continue
      const { bleeding } = condition
      const sheets = bleeding ? [bled(bat, bleeding), bled(like, bleeding)] : [bat, like]
      const reference = taken(sheets[0], condition.reference, seed + 10 + nth)
      const impression = taken(sheets[1], condition.impression, seed + 40 + nth)
      const plate = bleeding && plateThatBleeds(bleeding)
      count(tallies.get(condition)!, held(reference, impression, plate))
    }
    if (only === '' || isFaults) countFaults(at, found, fault)
  }
  const all = [...tallies].filter(([, { pairs }]) => pairs > 0)
  for (const [condition, tally] of all) console.log(row(condition, tally))
  for (const [name, n] of found)
    console.log(`planted: ${name}, told right of ${n} of ${PLATES.length} plates`)
  return (
    (all.length === 0 || isWithinLimits(all)) &&
    [...found.values()].every((n) => n >= LIMITS.found * PLATES.length)
  )
}

/** Whether what was said of like prints keeps the limits; the figures are printed. */
function isWithinLimits(all: readonly [Condition, Tally][]): boolean {
  const sum = (isGood: boolean, of: (tally: Tally) => number) =>
    all
      .filter(([condition]) => condition.isGood === isGood)
      .reduce((total, [, tally]) => total + of(tally), 0)
  const said = (tally: Tally) => wrongOf(tally) + tally.matches
  const falseShare = sum(true, wrongOf) / Math.max(1, sum(true, said))
  const registers = all.flatMap(([, { registerMm }]) => registerMm)
  const stretches = all.flatMap(([, { stretchPercent }]) => stretchPercent)
  console.log(
    `Like prints: ${(100 * falseShare).toFixed(1)} % of what was said of good pictures was wrong (wanted ${100 * LIMITS.falseShare} % at most); of bad ones ${sum(false, wrongOf)} of ${sum(false, said)} said (wanted none). Register within ${most(registers, 2)} mm (wanted ${LIMITS.registerMm}), stretch within ${most(stretches, 2)} % (wanted ${LIMITS.stretchPercent}).`,
  )
  return (
    falseShare <= LIMITS.falseShare &&
    sum(false, wrongOf) === 0 &&
    Math.max(0, ...registers) <= LIMITS.registerMm &&
    Math.max(0, ...stretches) <= LIMITS.stretchPercent
  )
}
