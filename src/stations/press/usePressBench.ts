'use client'

import { useMemo } from 'react'
import { carryOver, type CarriedOver } from '@/core/press/carryOver'
import {
  middleReading,
  pressedGap,
  squeezeAtReading,
  stackOf,
  type PressSetting,
  type SqueezeAt,
} from '@/core/press/pressSetting'
import { pressStackInput, type PressStack } from '@/core/press/pressStack'
import { startingPressure, type Start, type Worked } from '@/core/press/startingPressure'
import type { Bench } from '@/core/prove/settings'
import type { StoreBlanket } from '@/data/shop/store'
import { useBench, useJob } from '../across/bench/BenchContext'

/** What the press room works out of the bench. */
export interface PressBench {
  /** squeeze at both sides; null: something is not set, or nobody measured this press */
  left: SqueezeAt | null
  right: SqueezeAt | null
  /** the BAT's squeeze; null: there is none, or nobody measured */
  held: SqueezeAt | null
  /** the stack at the middle of the roller, as far as it can be pressed */
  stack: PressStack | null
  /** the BAT's pressure on what lies under the roller now */
  carried: CarriedOver | null
  /** where to begin: from other jobs before there is a BAT, from the BAT where its pressure cannot be carried in mm */
  start: Start | null
}

function heldSqueeze(bat: Bench | undefined): SqueezeAt | null {
  if (!bat?.press || !bat.plate || !bat.paper) return null
  return squeezeAtReading(bat.press, middleReading(bat.press), bat.plate, bat.paper)
}

/** The BAT as a setting one may begin from. */
function batAsWorked(jobId: string, bat: Bench | undefined): Worked[] {
  if (!bat?.press || !bat.plate || !bat.paper) return []
  const { press, plate, paper } = bat
  return [{ jobId, name: 'The BAT', under: { press, plate, paper } }]
}

/** @param press the setting, once it is whole; @param worked settings that printed well in every job */
export function usePressBench(
  press: PressSetting | null,
  shelf: readonly StoreBlanket[],
  worked: readonly Worked[],
): PressBench {
  const bench = useBench()
  const job = useJob()
  const { plate, paper } = bench
  const held = useMemo(() => heldSqueeze(job.bat?.settings), [job.bat])
  const measured = useMemo(
    () => new Set(shelf.filter(({ modulusMPa }) => modulusMPa !== null).map(({ name }) => name)),
    [shelf],
  )
  const [left, right] = useMemo(
    () =>
      press && plate && paper
        ? [press.readingLeft, press.readingRight].map((at) => squeezeAtReading(press, at, plate, paper))
        : [null, null],
    [press, plate, paper],
  )
  const stack = useMemo(() => {
    if (!press || !plate || !paper) return null
    const gap = pressedGap(press, middleReading(press), plate, paper)
    if (gap === null) return null
    const parsed = pressStackInput.safeParse({
      ...stackOf(press, plate.thicknessMm, paper.caliperMm),
      gapMm: gap,
    })
    return parsed.success ? parsed.data : null
  }, [press, plate, paper])
  const carried = useMemo(
    () => (job.bat ? carryOver(job.bat.settings, bench, { measured }) : null),
    [job.bat, bench, measured],
  )
  const start = useMemo(() => {
    if (carried || !press) return null
    const known = job.bat
      ? batAsWorked(job.id, job.bat.settings)
      : worked.filter((one) => one.jobId !== job.id && one.under.press.pressId === press.pressId)
    return startingPressure({ press, plate, paper }, known, { measured })
  }, [carried, press, job, worked, plate, paper, measured])
  return { left, right, held, stack, carried, start }
}
