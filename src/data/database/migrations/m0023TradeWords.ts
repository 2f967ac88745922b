import type { TradeTongue } from '@/core/units/tradeWords'
import { serial, text, textOf } from './columns'
import type { Migration } from './migration'

/** Whose words of the trade are read: the newest row holds; none: British. And a run done by hand is called what is done in it. */
export const m0023TradeWords = {
  name: '0023-trade-words',
  columns: { tongues: { id: serial, at: text, tongue: textOf<TradeTongue>() } },
  carry: async (queries, transaction) => {
    await queries.sequelize.query("UPDATE runs SET kind = 'colouring' WHERE kind = 'hand'", { transaction })
  },
} satisfies Migration
