import { z } from 'zod'
import { showUnits, UNIT_ORDER_KEYS, type UnitOrder } from '@/core/units/shownUnits'
import { openDatabase, write } from '../database/database'

/** Whether somebody ever said which units are read first. */
export async function isUnitOrderSaid(): Promise<boolean> {
  const { tables } = await openDatabase()
  return (await tables.unit_orders.count()) > 0
}

export const unitOrderSchema = z.enum(UNIT_ORDER_KEYS)

/** Keeps which units are read first; from here on everything this process writes has them. An opened workshop already has. */
export async function keepUnitOrder(input: UnitOrder, at: string): Promise<void> {
  const units = unitOrderSchema.parse(input)
  await write(
    async (tables, transaction) => void (await tables.unit_orders.create({ at, units }, { transaction })),
  )
  showUnits(units)
}
