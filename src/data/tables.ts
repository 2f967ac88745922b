import type { Model, ModelStatic, Sequelize } from 'sequelize'
import type { PrintKind } from '@/core/dry/editionNumbers'
import type { Numbering } from '@/core/dry/numbering'
import type { DryingMethod } from '@/core/dry/drying'
import type { DryingPlace } from '@/core/dry/dryingPlaces'
import type { DayEvent, KeptDay } from '@/core/day/keptDay'
import type { QueueInput } from '@/core/day/pressQueue'
import type { DeskRails } from '@/core/edition/deskEntry'
import type { EyeReading, Hands, PullEvent, PullKind } from '@/core/edition/pull'
import type { Run, SheetMark } from '@/core/edition/runs'
import type { MorningReadings } from '@/core/morning/morningSheet'
import type { Blotting } from '@/core/paper/blotting'
import type { GrowthMarks } from '@/core/paper/growth'
import type { NewStockMove } from '@/core/paper/stock'
import type { Sizing } from '@/core/paper/substitutes'
import type { Artwork } from '@/core/plate/artwork'
import type { BathCard, BathUse } from '@/core/plate/bathAccount'
import type { BiteStrip } from '@/core/plate/biteCurve'
import type { BitePlan } from '@/core/plate/bitePlan'
import type { MakingEvent } from '@/core/plate/making'
import type { Procedure } from '@/core/plate/procedure'
import type { Facing } from '@/core/plate/plateState'
import type { ZoneMap } from '@/core/plate/zoneMap'
import type { Blanket } from '@/core/press/blanket'
import type { KeptPressEvent, PressDetails } from '@/core/press/pressCard'
import type { PressureTrial } from '@/core/press/pressureTrials'
import type { Layer } from '@/core/press/pressStack'
import type { Settings } from '@/core/prove/settings'
import type { CardVersion, MixBatch } from '@/core/ink/mixCard'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { InkCalibration } from '@/core/ink/stiffness'
import type { KeptCustody } from '@/core/record/custody'
import type { Credits } from '@/core/record/credits'
import type { Bat, Unlock } from '@/core/record/jobFile'
import type { Variation } from '@/core/record/variation'
import type { ColleSetting } from '@/core/register/chineColle'
import type { MisfitMark } from '@/core/register/misfitHistory'
import { sumOfColumns } from './migrations/migration'
import { MIGRATIONS } from './migrations/migrations'

/** Rows as they lie in the database. Moments are ISO 8601 in UTC; whole documents are JSON, read with the core's schemas. */
export interface WorkshopRow {
  id: number
  name: string
  namedAt: string
}
export interface MorningRow {
  id?: number
  at: string
  readings: MorningReadings
}
export type InkRow = ShelfInk
export interface CardRow {
  id: string
  name: string
  createdAt: string
}
export interface CardVersionRow extends CardVersion {
  cardId: string
}
export interface BatchRow extends MixBatch {
  cardId: string
}
export type BathRow = Omit<BathCard, 'uses'>
export interface BathUseRow extends BathUse {
  id?: number
  bathId: string
}
export interface BiteStripRow {
  id: string
  name: string
  strip: BiteStrip
  at: string
}
export interface BitePlanRow {
  jobId: string
  stripId: string
  plan: BitePlan
  at: string
}
export interface CalibrationRow {
  id?: number
  at: string
  calibration: InkCalibration
}
export interface InkWeighingRow {
  id?: number
  jobId: string
  grams: number
  pulls: number
  at: string
  by: string
}
export interface PaperRow {
  id: string
  name: string
  gsm: number
  caliperMm: number
  sheetWidthMm: number
  sheetHeightMm: number
  grain: 'long' | 'short' | 'unknown'
  reflectance: number[]
  sheetsReceived: number
  note: string
  fibre: string
  sizing: Sizing
  sides: string
  pricePerSheet: number | null
  lowAt: number | null
}
export interface StockMoveRow extends NewStockMove {
  id?: number
  change: number
  at: string
}
export interface BlottingRow extends Blotting {
  id?: number
  at: string
}
export interface WeighInRow {
  id?: number
  paperId: string
  seconds: number
  uptakePercent: number
  at: string
}
export interface PressRow extends PressDetails {
  id: string
  name: string
  rollerRadiusMm: number
  bedWidthMm: number
  thread: string
  mmPerTurn: number
  zeroedAt: string | null
}
export interface PressEventRow extends KeptPressEvent {
  id?: number
  pressId: string
}
export interface PackRow {
  id: string
  name: string
  layers: Layer[]
  blanketIds: string[] | null
}
export interface BlanketRow extends Blanket {
  id: string
}
export interface WashRow {
  id?: number
  blanketId: string
  at: string
  by: string
}
export interface PressureTrialRow {
  id?: number
  pressId: string
  jobId: string
  trial: PressureTrial
  at: string
  by: string
}
export interface UnlockRow extends Unlock {
  id?: number
  jobId: string
}
export interface CustodyRow extends KeptCustody {
  id?: number
  jobId: string
}
export interface DeskMeetingRow {
  jobId: string
  rails: DeskRails
  at: string
}
export interface MisfitRow {
  id?: number
  jobId: string
  plate: string
  marks: MisfitMark[]
  at: string
  by: string
}
export interface ImageRow {
  id: string
  name: string
  format: string
  widthPx: number
  heightPx: number
  bytes: number
  keptAt: string
}
export interface JobRow {
  id: string
  slug: string
  title: string
  artist: string
  editionSize: number
  revision: number
  createdAt: string
  openRun: number
  variation: Variation
  credits: Credits
}
export interface RunRow extends Run {
  jobId: string
}
export interface SheetMarkRow extends SheetMark {
  id?: number
  jobId: string
}
export interface SortingRow {
  jobId: string
  numbering: Numbering
  at: string
}
export interface PlateStateRow {
  jobId: string
  state: number
  note: string
  openedAt: string
  imageId: string | null
}
export interface PullRow {
  jobId: string
  id: string
  place: number
  runPosition: number
  kind: PullKind
  number: number
  sheet: number
  paperId: string
  pulledAt: string
  zone: string
  estimated: boolean
  settings: Settings
  hands: Hands
  expected: EyeReading | null
  expectation: string
  batVersion: number | null
}
export interface PullEventRow {
  id?: number
  jobId: string
  pullId: string
  subject: string
  event: PullEvent
  at: string
  by: string
  why: string | null
}
export interface BatRow extends Bat {
  jobId: string
}
export interface PrintRow {
  jobId: string
  pullId: string
  place: number
  kind: PrintKind
  number: number
  mark: string
  numberedAt: string
}
export interface DryingRow {
  id?: number
  jobId: string
  method: DryingMethod
  laidAt: string
  readyAt: string
  by: string
}
export type DryingPlaceRow = DryingPlace
export interface DryingLoadRow {
  id?: number
  placeId: string
  jobId: string
  sheets: number
  laidAt: string
  readyAt: string
  by: string
  takenOutAt: string | null
}
export interface DryingChangeRow {
  id?: number
  loadId: number
  at: string
  by: string
}
export interface ArtworkRow {
  jobId: string
  artwork: Artwork
  at: string
}
export interface ProcedureRow {
  id: string
  name: string
  procedure: Procedure
  at: string
  by: string
}
export interface MakingRow {
  id: string
  jobId: string
  procedure: Procedure
  startedAt: string
  by: string
}
export interface MakingEventRow {
  id?: number
  makingId: string
  event: MakingEvent
  at: string
  by: string
}
export interface ZoneMapRow {
  jobId: string
  version: number
  map: ZoneMap
  at: string
  by: string
}
export interface WatchSpotRow {
  id?: number
  jobId: string
  state: number
  xMm: number
  yMm: number
  note: string
  seenAt: string
  by: string
  goneAt: string | null
}
export interface FacingRow extends Facing {
  id?: number
  jobId: string
}
export interface CollePieceRow {
  jobId: string
  name: string
  setting: ColleSetting
  at: string
}
export interface DayRow extends KeptDay {
  jobId: string
}
export interface DayEventRow extends DayEvent {
  id?: number
  dayId: string
  by: string
}
export interface QueueRow {
  id: string
  name: string
  input: QueueInput
  startAt: string
  by: string
}
export interface GrowthMarksRow extends GrowthMarks {
  id?: number
  at: string
}

/** A table of the database by the shape of its rows. */
export type Table<Row extends object> = ModelStatic<Model<Row, Row>>

/** The models of one open database. */
export interface Tables {
  workshops: Table<WorkshopRow>
  mornings: Table<MorningRow>
  inks: Table<InkRow>
  cards: Table<CardRow>
  card_versions: Table<CardVersionRow>
  batches: Table<BatchRow>
  baths: Table<BathRow>
  bath_uses: Table<BathUseRow>
  bite_strips: Table<BiteStripRow>
  bite_plans: Table<BitePlanRow>
  calibrations: Table<CalibrationRow>
  ink_weighings: Table<InkWeighingRow>
  papers: Table<PaperRow>
  weigh_ins: Table<WeighInRow>
  presses: Table<PressRow>
  packs: Table<PackRow>
  press_events: Table<PressEventRow>
  blankets: Table<BlanketRow>
  washes: Table<WashRow>
  pressure_trials: Table<PressureTrialRow>
  misfits: Table<MisfitRow>
  desk_meetings: Table<DeskMeetingRow>
  unlocks: Table<UnlockRow>
  custody: Table<CustodyRow>
  images: Table<ImageRow>
  jobs: Table<JobRow>
  runs: Table<RunRow>
  sheet_marks: Table<SheetMarkRow>
  sortings: Table<SortingRow>
  plate_states: Table<PlateStateRow>
  pulls: Table<PullRow>
  pull_events: Table<PullEventRow>
  bats: Table<BatRow>
  prints: Table<PrintRow>
  dryings: Table<DryingRow>
  artworks: Table<ArtworkRow>
  procedures: Table<ProcedureRow>
  makings: Table<MakingRow>
  making_events: Table<MakingEventRow>
  zone_maps: Table<ZoneMapRow>
  watch_spots: Table<WatchSpotRow>
  facings: Table<FacingRow>
  colle_pieces: Table<CollePieceRow>
  days: Table<DayRow>
  day_events: Table<DayEventRow>
  queues: Table<QueueRow>
  growth_marks: Table<GrowthMarksRow>
  stock_moves: Table<StockMoveRow>
  blottings: Table<BlottingRow>
  drying_places: Table<DryingPlaceRow>
  drying_loads: Table<DryingLoadRow>
  drying_changes: Table<DryingChangeRow>
}

/** Ties the tables to an open connection. */
export function defineTables(sequelize: Sequelize): Tables {
  const models = Object.entries(sumOfColumns(MIGRATIONS)).map(([name, columns]) => [
    name,
    sequelize.define(name, columns, { tableName: name, timestamps: false }),
  ])
  return Object.fromEntries(models) as unknown as Tables
}
