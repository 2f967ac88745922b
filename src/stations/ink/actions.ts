'use server'

import { z } from 'zod'
import { reflectanceSpectrum } from '@/core/colour/spectrum'
import { potWeighingSchema } from '@/core/ink/inkNeed'
import { inkCalibrationSchema } from '@/core/ink/stiffness'
import { label } from '@/core/units/schemas'
import { keepCalibration, keepInkWeighing } from '@/data/ink/calibrations'
import {
  additionSchema,
  addToBatch,
  keepCard,
  keepCardSchema,
  makeBatch,
  measureBatch,
  newBatchSchema,
} from '@/data/ink/cards'
import { act } from '../across/act/act'

/** Puts a mix on a card, or on the next version of one. */
export const keepCardAction = act(
  keepCardSchema,
  'shop',
  async (card, at) => ({ card: await keepCard(card, at) }),
  { shows: 'job' },
)

/** Records a batch mixed from a card. */
export const makeBatchAction = act(
  newBatchSchema,
  'shop',
  async (batch, at) => {
    await makeBatch(batch, at)
    return {}
  },
  { shows: 'store' },
)

/** Keeps how a batch reads. */
export const measureBatchAction = act(
  z.strictObject({ batchId: label, measured: reflectanceSpectrum }),
  'shop',
  async ({ batchId, measured }) => {
    await measureBatch(batchId, measured)
    return {}
  },
  { shows: 'job' },
)

/** Records what was added to a batch. */
export const addToBatchAction = act(
  z.strictObject({ batchId: label, addition: additionSchema }),
  'shop',
  async ({ batchId, addition }, at) => {
    await addToBatch(batchId, addition, at)
    return {}
  },
  { shows: 'store' },
)

/** Keeps what the workshop measured of its oil and plates. */
export const keepCalibrationAction = act(
  inkCalibrationSchema,
  'shop',
  async (calibration, at) => {
    await keepCalibration(calibration, at)
    return {}
  },
  { shows: 'job' },
)

/** Keeps what a weighed pot lost. */
export const keepInkWeighingAction = act(
  z.strictObject({ jobId: label, weighing: potWeighingSchema, by: label }),
  'shop',
  async ({ jobId, weighing, by }, at) => {
    await keepInkWeighing(jobId, weighing, by, at)
    return {}
  },
  { shows: 'job' },
)
