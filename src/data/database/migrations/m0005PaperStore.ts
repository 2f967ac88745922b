import type { DryingPlace } from '@/core/dry/dryingPlaces'
import type { Blotting } from '@/core/paper/blotting'
import type { NewStockMove } from '@/core/paper/stock'
import type { Sizing } from '@/core/paper/substitutes'
import {
  key,
  ofJob,
  optionalReal,
  optionalText,
  optionalWhole,
  real,
  serial,
  text,
  textOf,
  whole,
} from './columns'
import type { Migration } from './migration'

const ofPaper = { ...text, references: { model: 'papers', key: 'id' } }

/** What a paper is, its stock book, how it is blotted; and the places where prints dry. */
export const m0005PaperStore = {
  name: '0005-paper-store',
  columns: {
    papers: {
      fibre: { ...text, defaultValue: '' },
      sizing: { ...textOf<Sizing>(), defaultValue: 'unknown' },
      sides: { ...text, defaultValue: '' },
      pricePerSheet: optionalReal,
      lowAt: optionalWhole,
    },
    stock_moves: {
      id: serial,
      paperId: ofPaper,
      kind: textOf<NewStockMove['kind']>(),
      sheets: whole,
      change: whole,
      lot: text,
      at: text,
      by: text,
    },
    blottings: {
      id: serial,
      paperId: ofPaper,
      tool: textOf<Blotting['tool']>(),
      strokes: whole,
      beforePercent: real,
      afterPercent: real,
      at: text,
    },
    drying_places: { id: key, name: text, kind: textOf<DryingPlace['kind']>(), capacity: whole },
    drying_loads: {
      id: serial,
      placeId: { ...text, references: { model: 'drying_places', key: 'id' } },
      jobId: ofJob,
      sheets: whole,
      laidAt: text,
      readyAt: text,
      by: text,
      takenOutAt: optionalText,
    },
    drying_changes: {
      id: serial,
      loadId: { ...whole, references: { model: 'drying_loads', key: 'id' } },
      at: text,
      by: text,
    },
  },
  indexes: [
    ['stock_moves', ['paperId'], false],
    ['blottings', ['paperId'], false],
    ['drying_loads', ['placeId', 'takenOutAt'], false],
    ['drying_changes', ['loadId'], false],
  ],
} satisfies Migration
