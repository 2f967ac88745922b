import { z } from 'zod'
import { showTongue, TRADE_TONGUE_KEYS, type TradeTongue } from '@/core/units/tradeWords'
import { openDatabase, write } from '../database/database'

/** Whether somebody ever said whose words of the trade are read. */
export async function isTongueSaid(): Promise<boolean> {
  const { tables } = await openDatabase()
  return (await tables.tongues.count()) > 0
}

export const tongueSchema = z.enum(TRADE_TONGUE_KEYS)

/** Keeps whose words of the trade are read; from here on everything this process writes has them. An opened workshop already has. */
export async function keepTongue(input: TradeTongue, at: string): Promise<void> {
  const tongue = tongueSchema.parse(input)
  await write(
    async (tables, transaction) => void (await tables.tongues.create({ at, tongue }, { transaction })),
  )
  showTongue(tongue)
}
