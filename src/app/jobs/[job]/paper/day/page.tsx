import { dayFacts } from '@/core/day/keptDay'
import { learnCycle } from '@/core/day/learnedCycle'
import { readPull } from '@/core/edition/pull'
import { latestDay } from '@/data/days'
import { DayRoom } from '@/stations/day/DayRoom'
import { openJob } from '../../openJob'

export default async function DayPage({ params }: { params: Promise<{ job: string }> }) {
  const { id, pulls } = await openJob((await params).job)
  const kept = await latestDay(id)
  return (
    <DayRoom
      learned={learnCycle(pulls.map((pull) => ({ pulledAt: pull.pulledAt, wipeSeconds: readPull(pull).wipeSeconds })))}
      kept={kept && { ...kept.day, facts: dayFacts(kept.day.startAt, kept.events, pulls.map(({ pulledAt }) => pulledAt)) }}
    />
  )
}
