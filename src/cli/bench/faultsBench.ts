import { refusalWords } from '@/core/match/words'
import {
  checkStanding,
  MATCH_CHECKS,
  USUAL_MATCH_TOLERANCES,
  type MatchCheck,
} from '@/core/match/checks/matchCheck'
import { matchImpression, type ImpressionMatch } from '@/core/match/matchImpression'
import type { PrintConditions } from '@/devices/printConditions'
import { NO_FAULTS, type PrintFaults } from '@/devices/printFaults'
import { scanPrint, USUAL_SCAN } from '@/devices/scanner'
import { strokePlate } from '@/devices/strokePlate'

/** Pairs: so many of every fault at every size, and so many clean ones. */
const SEEDS = 10
const CLEAN = 40
const PLATES = [11, 29, 53]
const SCAN = { ...USUAL_SCAN, dpi: 120 }
const WANTED = 0.9
const MOST_FALSE = 0.05

/** Films of a black from none to the thickest, by an exponential fall of its reflectance: the bench needs a tone scale, not a mix. @param warmer how much faster it falls in blue, and slower in red */
const filmColours = (warmer: number) =>
  Uint8Array.from(
    Array.from({ length: 97 }, (_, i) =>
      [-1, 0, 1].map((end) => 24 + 217 * Math.exp((-i * (1 + end * warmer)) / 11)),
    ).flat(),
  )
const COLOURS = filmColours(0)
const PLAIN: PrintConditions = {
  sheet: { widthMm: 150, heightMm: 125 },
  plate: { leftMm: 30, topMm: 30, widthMm: 90, heightMm: 60 },
  squeeze: { left: 1, right: 1 },
  damp: 1,
  stiffness: 1,
  wiping: 1,
  lineMicrometres: 24,
  surfaceMicrometres: 0.8,
  colours: COLOURS,
}

interface Made {
  faults?: Partial<PrintFaults>
  conditions?: Partial<PrintConditions>
}
/** A fault of growing size: what is asked of which check, and how it is made; `a` and `b` lie in 0…1 and say where. */
interface Kind {
  name: string
  check: MatchCheck
  unit: string
  sizes: readonly number[]
  make: (size: number, a: number, b: number) => Made
}

const inPlate = (a: number, b: number, edge: number) => ({
  xMm: PLAIN.plate.leftMm + edge + a * (PLAIN.plate.widthMm - 2 * edge),
  yMm: PLAIN.plate.topMm + edge + b * (PLAIN.plate.heightMm - 2 * edge),
})
/** Places strewn over the plate, the same every time. */
const strewn = (count: number, a: number) =>
  Array.from({ length: count }, (_, i) => inPlate((a + i * 0.7548776662) % 1, (a + i * 0.569840291) % 1, 4))
const inMargin = (a: number, b: number) =>
  a < 0.5 ? { xMm: 8 + 14 * b, yMm: 20 + 160 * a } : { xMm: 12 + 120 * b, yMm: 10 + 20 * (a - 0.5) }

const KINDS: Kind[] = [
  {
    name: 'register',
    check: 'register',
    unit: 'mm',
    sizes: [0.3, 0.6, 0.9, 1.3],
    make: (size, a) => ({
      faults: { moved: { xMm: size * Math.cos(6.28 * a), yMm: size * Math.sin(6.28 * a), degrees: 0 } },
    }),
  },
  {
    name: 'starved corner',
    check: 'blanks',
    unit: 'mm radius, a third of the ink left',
    sizes: [2, 3.5, 6, 12],
    make: (size, a, b) => ({
      faults: {
        starved: [
          {
            xMm: PLAIN.plate.leftMm + (a < 0.5 ? 2 : PLAIN.plate.widthMm - 2),
            yMm: PLAIN.plate.topMm + (b < 0.5 ? 2 : PLAIN.plate.heightMm - 2),
            radiusMm: size,
            left: 0.33,
          },
        ],
      },
    }),
  },
  {
    name: 'fingertip',
    check: 'marks',
    unit: 'of full ink',
    sizes: [0.15, 0.3, 0.5, 0.8],
    make: (size, a, b) => ({ faults: { fingerprints: [{ ...inMargin(a, b), strength: size }] } }),
  },
  {
    name: 'spot in the margin',
    check: 'marks',
    unit: 'mm radius, 4 µm of ink',
    sizes: [0.15, 0.25, 0.4, 0.7],
    make: (size, a, b) => ({ faults: { spots: [{ ...inMargin(a, b), radiusMm: size, micrometres: 4 }] } }),
  },
  {
    name: 'hair',
    check: 'marks',
    unit: 'mm long',
    sizes: [0.3, 0.6, 1.5, 6],
    make: (size, a, b) => ({ faults: { hairs: [{ ...inMargin(a, b), lengthMm: size, degrees: 360 * b }] } }),
  },
  {
    name: 'blank spot in the image',
    check: 'blanks',
    unit: 'mm radius',
    sizes: [0.8, 1.2, 1.6, 2.6],
    make: (size, a, b) => ({ faults: { spots: [{ ...inPlate(a, b, 6), radiusMm: size, micrometres: 0 }] } }),
  },
  {
    name: 'band',
    check: 'bands',
    unit: 'more ink over 3 mm',
    sizes: [0.15, 0.3, 0.5, 0.8],
    make: (size, a) => ({ faults: { bands: [{ xMm: inPlate(a, 0, 12).xMm, widthMm: 3, more: size }] } }),
  },
  {
    name: 'dirty edge',
    check: 'edges',
    unit: 'µm at the rim',
    sizes: [0.4, 0.8, 1.3, 2],
    make: (size) => ({ faults: { edgeMicrometres: size } }),
  },
  {
    name: 'turned',
    check: 'turn',
    unit: '°',
    sizes: [0.15, 0.3, 0.45, 0.8],
    make: (size, a) => ({ faults: { moved: { xMm: 0, yMm: 0, degrees: a < 0.5 ? size : -size } } }),
  },
  {
    name: 'worn lines',
    check: 'lines',
    unit: 'of their depth gone',
    sizes: [0.3, 0.5, 0.6, 0.75],
    make: (size) => ({ faults: { wear: size } }),
  },
  {
    name: 'broken lines',
    check: 'breaks',
    unit: 'places of 4 mm radius where no line filled',
    sizes: [6, 12, 18, 27],
    make: (size, a) => ({
      faults: { starved: strewn(size, a).map((at) => ({ ...at, radiusMm: 4, left: 0 })) },
    }),
  },
  {
    name: 'uneven wiping',
    check: 'evenness',
    unit: 'of the film between the lines, light and dark',
    sizes: [0.2, 0.4, 0.6, 0.9],
    make: (size) => ({ faults: { patchy: size } }),
  },
  {
    name: 'wiped shorter',
    check: 'tone',
    unit: 'of the time',
    sizes: [0.05, 0.1, 0.2, 0.4],
    make: (size) => ({ conditions: { wiping: 1 - size } }),
  },
  {
    name: 'another mix',
    check: 'colour',
    unit: 'warmer in its fall',
    sizes: [0.1, 0.2, 0.4, 0.6],
    make: (size) => ({ conditions: { colours: filmColours(size) } }),
  },
  {
    name: 'left to right',
    check: 'sides',
    unit: 'squeeze lost at one end',
    sizes: [0.3, 0.45, 0.5, 0.6],
    make: (size, a) => ({
      conditions: { squeeze: a < 0.5 ? { left: 1, right: 1 - size } : { left: 1 - size, right: 1 } },
    }),
  },
]

const place = (n: number, k: number) => ((n * 7919 + k * 104729 + 17) % 1009) / 1009

function held(n: number, { faults = {}, conditions = {} }: Made): ImpressionMatch | string {
  const relief = strokePlate(PLATES[n % PLATES.length])
  const reference = scanPrint(
    relief,
    PLAIN,
    NO_FAULTS,
    { ...SCAN, skewDegrees: 0.3 },
    1000 + (n % PLATES.length),
  )
  const impression = scanPrint(
    relief,
    { ...PLAIN, ...conditions },
    { ...NO_FAULTS, ...faults },
    { ...SCAN, skewDegrees: ((n % 13) - 6) / 5 },
    2000 + n,
  )
  const found = matchImpression({
    reference: { picture: reference, corners: null },
    impression: { picture: impression, corners: null },
    sheet: PLAIN.sheet,
    plate: PLAIN.plate,
    zones: [],
  })
  return 'which' in found ? refusalWords(found) : found
}
const differing = (found: ImpressionMatch | string) =>
  typeof found === 'string'
    ? null
    : found.checks
        .filter((result) => checkStanding(result, USUAL_MATCH_TOLERANCES, new Set()) === 'differs')
        .map(({ check }) => check)

/** How often a known fault of a known size is found by the check that is there for it, with the usual tolerances, and how often a clean pair differs in anything. */
export function benchFaults(): boolean {
  let n = 0
  let refused = 0
  const alarms: MatchCheck[][] = []
  for (let i = 0; i < CLEAN; i++) {
    const checks = differing(held(n++, {}))
    if (checks === null) refused += 1
    else if (checks.length > 0) alarms.push(checks)
  }
  const falseShare = alarms.length / CLEAN
  console.log(
    `Clean pairs: ${CLEAN}, differing in anything: ${alarms.length}, ${(100 * falseShare).toFixed(1)} % (at most ${100 * MOST_FALSE} wanted)${alarms.length > 0 ? `: ${alarms.map((checks) => checks.map((check) => MATCH_CHECKS[check].label).join(' and ')).join('; ')}` : ''}`,
  )
  let all = falseShare <= MOST_FALSE
  for (const { name, check, unit, sizes, make } of KINDS) {
    const shares = sizes.map((size) => {
      let found = 0
      for (let k = 0; k < SEEDS; k++) {
        const checks = differing(held(n, make(size, place(n, 1), place(n, 2))))
        n += 1
        if (checks === null) refused += 1
        else if (checks.includes(check)) found += 1
      }
      return found / SEEDS
    })
    // The smallest size from which on all are found as often as wanted.
    const from = sizes.findIndex((_, i) => shares.slice(i).every((share) => share >= WANTED))
    all = all && from >= 0
    console.log(
      `${name.padEnd(24)} found from ${from < 0 ? 'no size here' : `${sizes[from]} ${unit}`}; ${sizes.map((size, i) => `${size}: ${Math.round(100 * shares[i])} %`).join(', ')}`,
    )
  }
  console.log(`${n} pairs, ${refused} refused`)
  return all && refused === 0
}
