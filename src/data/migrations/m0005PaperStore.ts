import { key, ofJob, optionalReal, optionalText, optionalWhole, real, serial, text, whole } from './columns'
import type { Migration } from './migration'

const ofPaper = { ...text, references: { model: 'papers', key: 'id' } }

/** What a paper is, its stock book, how it is blotted; and the places where prints dry. */
export const m0005PaperStore: Migration = {
  name: '0005-paper-store',
  columns: {
    papers: {
      fibre: { ...text, defaultValue: '' },
      sizing: { ...text, defaultValue: 'unknown' },
      sides: { ...text, defaultValue: '' },
      pricePerSheet: optionalReal,
      lowAt: optionalWhole,
    },
    stock_moves: {
      id: serial,
      paperId: ofPaper,
      kind: text,
      sheets: whole,
      change: whole,
      lot: text,
      at: text,
      by: text,
    },
    blottings: {
      id: serial,
      paperId: ofPaper,
      tool: text,
      strokes: whole,
      beforePercent: real,
      afterPercent: real,
      at: text,
    },
    drying_places: { id: key, name: text, kind: text, capacity: whole },
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
}
