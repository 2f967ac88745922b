'use client'

import { useState } from 'react'
import type { SheetFacts } from '@/core/day/dayPlan'
import type { KeptDay } from '@/core/day/keptDay'
import type { LearnedCycle } from '@/core/day/learnedCycle'
import { Button } from '@/ui/Button'
import { PlateMark } from '@/ui/PlateMark'
import { PaperRooms } from '../paper/PaperRooms'
import { DayPlanner } from './DayPlanner'
import { LiveDay } from './LiveDay'

const A_DAY_MS = 24 * 3600 * 1000

/** The printing day: planned from a wish, then lived by the clock. */
export function DayRoom({ learned, kept }: { learned: LearnedCycle | null; kept: (KeptDay & { facts: SheetFacts[] }) | null }) {
  const [isPlanning, setPlanning] = useState(false)
  const [opened] = useState(() => Date.now())
  // A day that is over stays to be looked at until the next one.
  const isPast = kept ? kept.facts.filter(({ pulledAt }) => pulledAt !== null).length >= kept.setting.pulls && opened - Date.parse(kept.startAt) > A_DAY_MS : true
  const showsLive = kept && !isPlanning && !isPast
  return (
    <PlateMark title="Paper" aside={kept && !isPast ? <Button look="quiet" onClick={() => setPlanning(!isPlanning)}>{isPlanning ? 'Back to the day under way' : 'Plan another day'}</Button> : undefined}>
      <PaperRooms />
      {showsLive ? <LiveDay key={kept.id} day={kept} /> : <DayPlanner learned={learned} onBegun={() => setPlanning(false)} />}
    </PlateMark>
  )
}
