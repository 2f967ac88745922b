import { nextChangeAt, type DryingLoad, type DryingPlace } from '../dry/dryingPlaces'
import type { MixCard } from '../ink/mixCard'
import type { ShelfInk } from '../ink/shelfInk'
import { SIZINGS, type Sizing } from '../paper/substitutes'
import { PLATE_KINDS, romanNumeral, type PlateSetting } from '../plate/plate'
import { counted } from '../units/counted'
import { soonOf } from '../units/moment'
import { formatGrams, formatFine } from '../units/quantity'
import { formatMm, formatNumber } from '../units/length'

/** What stands on the label of a tin, a drawer, a plate or a stack, and the page that says the rest. */
export interface ShelfLabel {
  title: string
  lines: string[]
  page: string
}

/** What is labelled of a workshop. */
export interface Labelled {
  inks: readonly Pick<
    ShelfInk,
    'id' | 'name' | 'kind' | 'viscosityPas' | 'source' | 'openedOn' | 'keepsOpenDays'
  >[]
  cards: readonly Pick<MixCard, 'name' | 'versions' | 'batches'>[]
  papers: readonly {
    id: string
    name: string
    gsm: number
    sheetWidthMm: number
    sheetHeightMm: number
    grain: 'long' | 'short' | 'unknown'
    sizing: Sizing
    sides: string
  }[]
  plates: readonly { title: string; artist: string; slug: string; plate: PlateSetting }[]
  /** what lies to dry: prints of a job, and in which place */
  stacks: readonly (Pick<DryingLoad, 'title' | 'sheets' | 'laidAt' | 'readyAt' | 'changedAts'> & {
    place: Pick<DryingPlace, 'name' | 'kind'>
  })[]
}

const inkLabel = ({
  id,
  name,
  kind,
  viscosityPas,
  source,
  openedOn,
}: Labelled['inks'][number]): ShelfLabel => ({
  title: name,
  lines: [
    [
      kind,
      `${formatNumber(viscosityPas, 0)} Pa·s`,
      ...(source === 'estimated' ? ['colour estimated'] : []),
    ].join(', '),
    ...(openedOn ? [`opened ${openedOn}`] : ['opened:']),
  ],
  page: `/store/inks/${id}`,
})

/** The label of a mixed ink: what is in it, as its newest card has it, and until when the newest batch stays usable. */
function cardLabel({ name, versions, batches }: Labelled['cards'][number]): ShelfLabel {
  const { version, mix } = versions.at(-1)!
  const batch = batches.filter((one) => one.version === version).at(-1)
  const all = mix.parts.reduce((sum, { parts }) => sum + parts, 0)
  return {
    title: name,
    lines: [
      mix.parts.map((part) => `${part.name} ${formatNumber((100 * part.parts) / all, 1)} %`).join(', '),
      `card version ${version}`,
      batch
        ? `${formatGrams(
            batch.weighed.reduce((sum, { grams }) => sum + grams, 0),
            0,
          )} mixed, usable until ${batch.usableUntil}`
        : 'mixed:',
    ],
    page: '/store',
  }
}

const GRAINS = { long: ['grain long'], short: ['grain short'], unknown: [] } as const

const paperLabel = ({
  id,
  name,
  gsm,
  sheetWidthMm,
  sheetHeightMm,
  grain,
  sizing,
  sides,
}: Labelled['papers'][number]): ShelfLabel => ({
  title: name,
  lines: [
    `${formatNumber(gsm, 0)} g/m², ${formatMm(sheetWidthMm)} × ${formatMm(sheetHeightMm)}`,
    [...(sizing === 'unknown' ? [] : [`sizing ${SIZINGS[sizing]}`]), ...GRAINS[grain]].join(', '),
    ...(sides ? [`print on: ${sides}`] : []),
  ].filter(Boolean),
  page: `/store/papers/${id}`,
})

const plateLabel = ({ title, artist, slug, plate }: Labelled['plates'][number]): ShelfLabel => ({
  title,
  lines: [
    artist,
    `${PLATE_KINDS[plate.kind].label}, state ${romanNumeral(plate.state)}`,
    `${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}, ${formatFine(plate.thicknessMm, 2)} thick`,
  ],
  page: `/jobs/${slug}/plate`,
})

/** The label of drying prints: until when they lie, and when what is between them is changed next, so that nobody lifts them to see. */
function stackLabel(
  { title, sheets, laidAt, readyAt, changedAts, place }: Labelled['stacks'][number],
  zone: string,
): ShelfLabel {
  const change = nextChangeAt(place.kind, { laidAt, readyAt, changedAts })
  return {
    title,
    lines: [
      `${counted(sheets, 'print')} in ${place.name}, laid ${soonOf(laidAt, zone)}`,
      `dry ${soonOf(readyAt, zone)}`,
      ...(change ? [`change what lies between: ${soonOf(change, zone)}`, 'changed:'] : []),
    ],
    page: '/drying',
  }
}

/** Labels for the tins, the drawers, the plates and the drying prints of a workshop: inks, mixes, papers, plates, stacks. @param zone in which moments are written */
export const shelfLabels = (
  { inks, cards, papers, plates, stacks }: Labelled,
  zone: string,
): ShelfLabel[] => [
  ...inks.map(inkLabel),
  ...cards.map(cardLabel),
  ...papers.map(paperLabel),
  ...plates.map(plateLabel),
  ...stacks.map((stack) => stackLabel(stack, zone)),
]
