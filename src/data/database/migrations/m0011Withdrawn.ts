import { optionalText, text } from './columns'
import { m0001FirstRelease } from './m0001FirstRelease'
import type { Migration } from './migration'

const { place: _, ...pull } = m0001FirstRelease.columns.pulls

/** Pulls that were entered by mistake: out of every count, and kept whole. What was said of them stays among the events of pulls. */
export const m0011Withdrawn = {
  name: '0011-withdrawn',
  columns: {
    withdrawn_pulls: {
      ...pull,
      at: text,
      by: text,
      byId: { ...optionalText, references: { model: 'people', key: 'id' } },
      why: text,
    },
  },
  indexes: [],
} satisfies Migration
