import { QueryTypes } from 'sequelize'
import type { Purpose } from '@/core/prove/purpose'
import { textOf } from './columns'
import type { Migration } from './migration'

/** What each way of varying became: until then a job was an edition, and said only whether its prints were to be alike. */
const PURPOSE_OF = { alike: 'edition', varied: 'varied', unique: 'unique' } as const

/** What a job is for, in place of whether its prints are to be alike. */
export const m0015Purposes = {
  name: '0015-purposes',
  columns: { jobs: { purpose: { ...textOf<Purpose>(), defaultValue: 'edition' } } },
  drops: { jobs: ['variation'] as const },
  carry: async (queries, transaction) => {
    for (const [variation, purpose] of Object.entries(PURPOSE_OF))
      await queries.sequelize.query('UPDATE jobs SET purpose = ? WHERE variation = ?', {
        replacements: [purpose, variation],
        type: QueryTypes.UPDATE,
        transaction,
      })
  },
} satisfies Migration
