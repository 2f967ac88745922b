import type { GrowthMarks } from '@/core/paper/growth'
import { real, serial, text, textOf } from './columns'
import type { Migration } from './migration'

/** Marks measured on sheets before and after damping: what a paper's growth is learned from. */
export const m0004PaperGrowth = {
  name: '0004-paper-growth',
  columns: {
    growth_marks: {
      id: serial,
      paperId: { ...text, references: { model: 'papers', key: 'id' } },
      direction: textOf<GrowthMarks['direction']>(),
      dryMm: real,
      dampMm: real,
      at: text,
    },
  },
  indexes: [['growth_marks', ['paperId'], false]],
} satisfies Migration
