import { z } from 'zod'
import { breakSchema, daySettingSchema, planDay } from '@/core/day/dayPlan'
import { queueInput, queuePeople } from '@/core/day/pressQueue'
import { quoteEdition, quoteInput } from '@/core/edition/quote'
import { dampSize, dryPlateMark, growthMarksSchema, growthOfSides, learnGrowth } from '@/core/paper/growth'
import { biteStripSchema, fitBite } from '@/core/plate/biteCurve'
import { bitePlanSchema, planBite } from '@/core/plate/bitePlan'
import { exposureInput, planExposure } from '@/core/plate/exposure'
import { plateKindSchema } from '@/core/plate/plate'
import { count, finite, positive } from '@/core/units/schemas'
import { entry, type CalcEntry } from './entry'

const size = z.strictObject({ widthMm: positive, heightMm: positive })
const percents = z.strictObject({ widthPercent: finite, heightPercent: finite })

const bitePlan = entry(
  'bite-plan',
  'which areas to stop out after which minutes, from a strip that was bitten',
  z.strictObject({ strip: biteStripSchema, ...bitePlanSchema.shape }),
  z.strictObject({
    before: z.array(z.string()),
    immersions: z.array(
      z.strictObject({ minutes: finite, cumulativeMinutes: finite, stopOut: z.array(z.string()) }),
    ),
    outOfReach: z.array(z.strictObject({ name: z.string(), mostTone: finite })),
    peakMinutes: finite,
    peakTone: finite,
    remarks: z.array(z.string()),
  }),
  ({ strip, ...plan }) => {
    const curve = fitBite(strip)
    const { peakMinutes, peakTone, remarks } = curve
    return { ...planBite(plan, curve), peakMinutes, peakTone, remarks }
  },
)

const exposure = entry(
  'exposure',
  'the exposure that makes another step of the wedge hold',
  exposureInput,
  z.strictObject({ seconds: finite }),
  (input) => ({ seconds: planExposure(input) }),
)

const growth = entry(
  'growth',
  'how a paper grows when damp, from marks or from memory, and what that does to sheet and plate mark',
  z.strictObject({
    marks: z.array(growthMarksSchema).max(1000, { error: 'takes at most 1000 marks' }),
    sheet: size,
    grain: z.enum(['long', 'short', 'unknown']),
    plate: size,
  }),
  z.strictObject({
    alongPercent: finite,
    acrossPercent: finite,
    alongFrom: z.int(),
    acrossFrom: z.int(),
    sides: percents,
    dampSheet: size,
    dryPlateMark: size,
  }),
  ({ marks, sheet, grain, plate }) => {
    const learned = learnGrowth(marks)
    return {
      ...learned,
      sides: growthOfSides(sheet, grain, learned),
      dampSheet: dampSize(sheet, grain, learned),
      dryPlateMark: dryPlateMark(plate, sheet, grain, learned),
    }
  },
)

const dayPlan = entry(
  'day-plan',
  'a day of pulling: plate and sheets minute by minute from its start',
  z.strictObject({
    setting: daySettingSchema,
    breaks: z.array(breakSchema).max(20, { error: 'takes at most 20 breaks' }),
  }),
  z.strictObject({
    sheets: z.array(
      z.strictObject({
        sheet: z.int(),
        inAt: finite,
        liftAt: finite,
        readyAt: finite,
        inkAt: finite,
        pullAt: finite,
        isStale: z.boolean(),
        standing: z.string(),
      }),
    ),
    startAt: finite,
    printedAt: finite,
    endAt: finite,
    cycleMinutes: finite,
    bottleneck: z.enum(['wiping', 'pulling', 'tub']),
  }),
  ({ setting, breaks }) => planDay(setting, 0, breaks),
)

const pressQueue = entry(
  'press-queue',
  'people at inking places and presses: who is where when, and how near that is to the best',
  queueInput,
  z.strictObject({
    turns: z.array(
      z.strictObject({
        name: z.string(),
        place: z.int(),
        press: z.int(),
        prepFrom: finite,
        prepTo: finite,
        pressFrom: finite,
        pressTo: finite,
        makeReadyMm: finite,
      }),
    ),
    endMinutes: finite,
    boundMinutes: finite,
    isExact: z.boolean(),
  }),
  queuePeople,
)

const life = z.strictObject({
  spent: finite,
  /** null: it does not wear */
  leftAtLeast: finite.nullable(),
  leftAtMost: finite.nullable(),
  standing: z.string(),
  by: z.string(),
})

const quote = entry(
  'quote',
  'what an edition takes and costs before it is accepted',
  z.strictObject({
    wish: quoteInput,
    earlierAccepted: count,
    earlierRejected: count,
    plate: z.strictObject({ kind: plateKindSchema, pullsMade: count }),
    runs: z.strictObject({ all: count.min(1), press: count.min(1) }).optional(),
  }),
  z.strictObject({
    accepted: z.int(),
    starts: z.int(),
    expectedRejects: finite,
    sheets: z.int(),
    inkGrams: finite,
    hours: finite,
    pulls: z.int(),
    life,
    plateWords: z.string().nullable(),
    lines: z.array(z.strictObject({ label: z.string(), sum: z.string(), cost: finite })),
    total: finite,
    perAccepted: finite,
  }),
  ({ wish, earlierAccepted: accepted, earlierRejected: rejected, plate, runs }) => {
    const found = quoteEdition(wish, { accepted, rejected }, { ...plate, history: {} }, runs)
    const { leftAtLeast, leftAtMost } = found.life
    // What never ends has no number in JSON.
    const orNone = (pulls: number) => (Number.isFinite(pulls) ? pulls : null)
    return {
      ...found,
      life: { ...found.life, leftAtLeast: orNone(leftAtLeast), leftAtMost: orNone(leftAtMost) },
    }
  },
)

/** Instruments made of several computations of the core, put together here as their stations do. */
export const INSTRUMENTS: readonly CalcEntry[] = [bitePlan, exposure, growth, dayPlan, pressQueue, quote]
