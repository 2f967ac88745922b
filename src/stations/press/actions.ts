'use server'

import { z } from 'zod'
import { blanketSchema } from '@/core/press/blanket'
import { pressDetailsSchema, pressEventSchema } from '@/core/press/pressCard'
import { pressureTrialSchema } from '@/core/press/pressureTrials'
import { label } from '@/core/units/schemas'
import { keepBlanket, keepPack, newPackSchema, washBlanket } from '@/data/press/blankets'
import { enterPressEvent, keepPressureTrial } from '@/data/press/pressCards'
import { changePress } from '@/data/press/presses'
import { act } from '../across/act/act'

/** Writes on a press's card what happened to it. */
export const enterPressEventAction = act(
  z.strictObject({ pressId: label, event: pressEventSchema, by: label }),
  'shop',
  async ({ pressId, event, by }, at) => {
    await enterPressEvent(pressId, event, by, at)
    return {}
  },
  { shows: 'store' },
)

/** Changes what is said of a press. */
export const changePressAction = act(
  z.strictObject({ pressId: label, details: pressDetailsSchema }),
  'shop',
  async ({ pressId, details }) => {
    await changePress(pressId, details)
    return {}
  },
  { shows: 'store' },
)

/** Keeps what the eye said of a setting that had been reckoned. */
export const keepPressureTrialAction = act(
  z.strictObject({ pressId: label, jobId: label, trial: pressureTrialSchema, by: label }),
  'shop',
  async (trial, at) => {
    await keepPressureTrial(trial, at)
    return {}
  },
  { shows: 'store' },
)

/** Puts a blanket on the shelf or changes it. */
export const keepBlanketAction = act(
  z.strictObject({ id: label.nullable(), blanket: blanketSchema }),
  'shop',
  async ({ id, blanket }) => {
    await keepBlanket(id, blanket)
    return {}
  },
  { shows: 'store' },
)

/** Records a wash. */
export const washBlanketAction = act(
  z.strictObject({ id: label, by: label }),
  'shop',
  async ({ id, by }, at) => {
    await washBlanket(id, by, at)
    return {}
  },
  { shows: 'store' },
)

/** Keeps blankets laid together as a pack. */
export const keepPackAction = act(
  newPackSchema,
  'shop',
  async (pack) => {
    await keepPack(pack)
    return {}
  },
  { shows: 'store' },
)
