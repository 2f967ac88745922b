'use client'

import { useState } from 'react'
import type { KeptDay } from '@/core/day/keptDay'
import type { LearnedCycle } from '@/core/day/learnedCycle'
import type { DryingLoad, DryingPlace } from '@/core/dry/dryingPlaces'
import { Button } from '@/ui/Button'
import { OnDevice } from '@/ui/OnDevice'
import { Panel } from '@/ui/Panel'
import { DryingActs } from '../drying/DryingActs'
import { PaperRooms } from '../../paper/PaperRooms'
import { DayPlanner } from './DayPlanner'
import { LiveDay, type DayFacts } from './LiveDay'

const A_DAY_MS = 24 * 3600 * 1000

/** The printing day: planned from a wish, then lived by the clock. */
export function DayRoom({
  learned,
  kept,
  places,
  loads,
}: {
  learned: LearnedCycle | null
  kept: (KeptDay & DayFacts) | null
  places: DryingPlace[]
  loads: DryingLoad[]
}) {
  const [isPlanning, setPlanning] = useState(false)
  const [opened] = useState(() => Date.now())
  // A day that is over stays to be looked at until the next one.
  const isPast = kept
    ? kept.facts.filter(({ pulledAt }) => pulledAt !== null).length >= kept.setting.pulls &&
      opened - Date.parse(kept.startAt) > A_DAY_MS
    : true
  const showsLive = kept && !isPlanning && !isPast
  return (
    <Panel
      rooms={<PaperRooms />}
      title="Paper"
      aside={
        kept && !isPast ? (
          <Button look="quiet" onClick={() => setPlanning(!isPlanning)}>
            {isPlanning ? 'Back to the day under way' : 'Plan another day'}
          </Button>
        ) : undefined
      }
    >
      {showsLive ? (
        <LiveDay key={kept.id} day={kept} drying={<DryingActs places={places} loads={loads} />} />
      ) : (
        <OnDevice>
          <DayPlanner learned={learned} onBegun={() => setPlanning(false)} />
        </OnDevice>
      )}
      {!showsLive && <DryingActs places={places} loads={loads} />}
    </Panel>
  )
}
