import { turnsScale } from '@/core/press/usualScales'
import { ragWhite } from '@/core/paper/ragWhite'
import type { Sizing } from '@/core/paper/substitutes'
import { UNKNOWN_TUBE, type ShelfInk } from '@/core/ink/shelfInk'
import { absorption, scattering, type PigmentBands } from './pigmentBands'
import { movedBy } from './sampleCalendar'
import type { Blanket, BlanketKind } from '@/core/press/blanket'

type InkRow = readonly [
  id: string,
  name: string,
  bands: PigmentBands,
  scatter: number,
  viscosityPas: number,
  note: string,
]

/** Invented inks: k and s come from bands chosen by eye, so every one is marked estimated. */
const INKS: readonly InkRow[] = [
  [
    'quay-black',
    'Quay black',
    { floor: 0.17, edge: [470, 60, 0.04] },
    0.006,
    70,
    'Warm, dense. Line and aquatint.',
  ],
  [
    'kelp-black',
    'Kelp black',
    { floor: 0.15, edge: [600, -70, 0.05] },
    0.006,
    85,
    'Cool, stiff. Mezzotint and deep line.',
  ],
  [
    'dusk-blue',
    'Dusk blue',
    {
      floor: 0.006,
      bumps: [
        [610, 70, 0.17],
        [690, 60, 0.08],
      ],
    },
    0.006,
    48,
    'Transparent.',
  ],
  [
    'ferry-blue',
    'Ferry blue',
    {
      floor: 0.004,
      bumps: [
        [640, 75, 0.13],
        [400, 30, 0.02],
      ],
    },
    0.009,
    45,
    'Greenish, clean in tints.',
  ],
  [
    'samphire-green',
    'Samphire green',
    {
      floor: 0.008,
      bumps: [
        [430, 45, 0.09],
        [660, 60, 0.11],
      ],
    },
    0.012,
    44,
    'Half covering.',
  ],
  [
    'lantern-red',
    'Lantern red',
    { floor: 0.003, edge: [585, 9, 0.15] },
    0.004,
    50,
    'Transparent: vanishes over blue until some white goes in.',
  ],
  ['buoy-red', 'Buoy red', { floor: 0.02, edge: [580, 14, 0.12] }, 0.06, 62, 'Earth red, covering.'],
  [
    'thrift-rose',
    'Thrift rose',
    { floor: 0.003, bumps: [[535, 42, 0.12]] },
    0.004,
    46,
    'Transparent, blueish.',
  ],
  [
    'gorse-yellow',
    'Gorse yellow',
    { floor: 0.001, edge: [500, 9, 0.11] },
    0.016,
    40,
    'Half transparent, strong in greens.',
  ],
  ['reed-ochre', 'Reed ochre', { floor: 0.01, edge: [535, 24, 0.08] }, 0.05, 58, 'Earth yellow, covering.'],
  ['silt-brown', 'Silt brown', { floor: 0.05, edge: [560, 50, 0.09] }, 0.02, 66, 'Warms blacks.'],
  [
    'mussel-violet',
    'Mussel violet',
    {
      floor: 0.006,
      bumps: [
        [570, 48, 0.14],
        [650, 40, 0.03],
      ],
    },
    0.005,
    47,
    'Transparent.',
  ],
  [
    'salt-white',
    'Salt white',
    { floor: 0.0003, edge: [400, 12, 0.02] },
    0.34,
    55,
    'Covering: makes a transparent colour show over a dark one.',
  ],
  [
    'clear-base',
    'Clear base',
    { floor: 0.0001, edge: [410, 15, 0.001] },
    0.002,
    30,
    'No colour: thins strength, keeps body.',
  ],
]

export const STARTER_INKS: readonly ShelfInk[] = INKS.map(
  ([id, name, bands, scatter, viscosityPas, note]) => ({
    id,
    name,
    kind: id === 'samphire-green' || id === 'reed-ochre' ? 'water-washable' : 'oil',
    k: absorption(bands),
    s: scattering(scatter),
    viscosityPas,
    source: 'estimated',
    forecastable: true,
    note,
    ...UNKNOWN_TUBE,
    tubeGrams: 200,
    gramsLeft: 120 + ((name.length * 37) % 70),
    weighedAt: '2026-02-01T09:00:00.000Z',
    openedOn: '2026-01-20',
    keepsOpenDays: id === 'samphire-green' || id === 'reed-ochre' ? 14 : 5,
    pricePerKg: 90 + ((name.length * 13) % 60),
  }),
)

const paper = (
  id: string,
  name: string,
  gsm: number,
  caliperMm: number,
  sheetWidthMm: number,
  sheetHeightMm: number,
  white: number,
  warmth: number,
  sheetsReceived: number,
  fibre: string,
  sizing: Sizing,
  note: string,
) => ({
  id,
  name,
  gsm,
  caliperMm,
  sheetWidthMm,
  sheetHeightMm,
  grain: 'long' as const,
  reflectance: ragWhite(white, warmth),
  sheetsReceived,
  fibre,
  sizing,
  note,
})

export const STARTER_PAPERS = [
  paper(
    'heron-white',
    'Heron white',
    300,
    0.55,
    300,
    250,
    0.87,
    0.05,
    60,
    'cotton',
    'soft',
    'Cotton rag, soft sized. Felt side up.',
  ),
  paper(
    'egret-soft',
    'Egret soft',
    250,
    0.5,
    280,
    380,
    0.89,
    0.04,
    40,
    'cotton',
    'waterleaf',
    'Cotton rag, waterleaf: a quick dip is enough.',
  ),
  paper(
    'dunlin-cream',
    'Dunlin cream',
    280,
    0.48,
    380,
    280,
    0.84,
    0.14,
    30,
    'cotton',
    'hard',
    'Cream, hard sized: soak an hour.',
  ),
  paper(
    'proofing-oat',
    'Proofing oat',
    160,
    0.28,
    300,
    420,
    0.8,
    0.1,
    200,
    'sulphite',
    'medium',
    'Sulphite. For proofing only: it does not print like the edition paper.',
  ),
]

export const STARTER_PRESSES = [
  {
    id: 'little-press',
    name: 'The little press',
    rollerRadiusMm: 45,
    bedWidthMm: 400,
    thread: 'M16',
    scale: turnsScale(2),
    zeroedAt: null,
    note: 'Two screws, turned separately.',
  },
  {
    id: 'bench-press',
    name: 'The bench press',
    rollerRadiusMm: 70,
    bedWidthMm: 600,
    thread: '3/4-10',
    scale: turnsScale(2.54),
    zeroedAt: null,
    note: 'Geared; zero is the roller on the bare bed.',
  },
]

/** Blankets a small shop has: the first pack's three and some to try. */
const blanket = (
  id: string,
  name: string,
  kind: BlanketKind,
  newMm: number,
  nowMm: number,
  since: string | null,
  note: string,
): Blanket & { id: string } => ({
  id,
  name,
  kind,
  newMm,
  nowMm,
  modulusMPa: null,
  since,
  clogging: 'none',
  sideUp: 'either',
  note,
})
const STARTER_BLANKETS = [
  blanket('catcher', 'Catcher', 'catcher', 1.6, 1.5, '2025-03-01', 'Washed most.'),
  blanket('cushion', 'Cushion', 'cushion', 3.2, 3, '2025-03-01', ''),
  blanket('pusher', 'Pusher', 'pusher', 2.6, 2.5, '2025-03-01', 'Woven; weave along the travel.'),
  blanket('old-cushion', 'Old cushion', 'cushion', 3.2, 2.3, '2021-09-01', 'Packed down; for card plates.'),
  blanket('grey-felt', 'Grey felt', 'single-felt', 3, 3, '2026-01-10', ''),
  blanket('tissue', 'Tissue', 'tissue', 0.05, 0.05, null, 'A fresh sheet each pull.'),
  blanket('white-felt', 'White felt', 'single-felt', 3, 2.9, '2026-01-10', ''),
]

/** Felts [thickness mm, modulus MPa, densification strain]: from memory; only ratios to the BAT are used. */
const felt = (name: string, thicknessMm: number, modulusMPa: number, densificationStrain: number) => ({
  name,
  thicknessMm,
  modulusMPa,
  densificationStrain,
})
const catcher = felt('Catcher', 1.5, 1.2, 0.6)
const cushion = felt('Cushion', 3, 0.5, 0.65)
const pusher = felt('Pusher', 2.5, 1, 0.6)

export const STARTER_PACKS = [
  { id: 'three-felts', name: 'Catcher, cushion, pusher', layers: [catcher, cushion, pusher] },
  { id: 'two-felts', name: 'Catcher and pusher', layers: [catcher, pusher] },
  { id: 'one-felt', name: 'One felt', layers: [felt('Felt', 3, 0.8, 0.62)] },
]

/** What the invented workshop has on its shelves. */
export const STARTER_STORE = {
  inks: [...STARTER_INKS],
  papers: STARTER_PAPERS,
  presses: STARTER_PRESSES,
  packs: STARTER_PACKS,
  blankets: STARTER_BLANKETS,
}

/** The starter store as its workshop has it, so many days later. */
export const storeMovedBy = (days: number): typeof STARTER_STORE => ({
  ...STARTER_STORE,
  inks: STARTER_STORE.inks.map((ink) => ({
    ...ink,
    weighedAt: ink.weighedAt && movedBy(days, ink.weighedAt),
    openedOn: ink.openedOn && movedBy(days, ink.openedOn),
  })),
  blankets: STARTER_STORE.blankets.map((blanket) => ({
    ...blanket,
    since: blanket.since && movedBy(days, blanket.since),
  })),
})

/** A shop that has its things and no job yet: the same things, of which nobody knows yet how old they are. */
export const freshStore = (now: string): typeof STARTER_STORE => ({
  ...STARTER_STORE,
  inks: STARTER_STORE.inks.map((ink) => ({ ...ink, weighedAt: now, openedOn: null })),
  blankets: STARTER_STORE.blankets.map((blanket) => ({ ...blanket, since: null })),
})
