'use client'

import { chanceBy, endOf } from '@/core/day/chanceOfFinishing'
import { pullsThatFit, whatToRelax, type DayPlan } from '@/core/day/dayPlan'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { Figure } from '@/ui/Figure'
import { HARDLY_OVER } from './answers'
import type { WishedDay } from './dayWish'
import type { useDayPlay } from './useDayPlay'

const BOTTLENECKS: Record<DayPlan['bottleneck'], string> = {
  wiping: 'the wiping',
  pulling: 'the press',
  tub: 'the tub: more sheets at once, or a shorter soak',
}
interface DayFiguresProps {
  day: WishedDay
  /** whether the start follows from the end */
  isLatest: boolean
  play: ReturnType<typeof useDayPlay>
  /** how many days are played */
  days: number
  write: (minutes: number) => string
}

/** How far the playing is, where its outcome will stand. */
function Playing({ done, days, onCancel }: { done: number; days: number; onCancel: () => void }) {
  return (
    <span data-said data-occasion="playing">
      Playing {days} days: {formatNumber(100 * done, 0)} %{' '}
      <Button look="quiet" onClick={onCancel}>
        Cancel
      </Button>
    </span>
  )
}

/** The day in figures: when it begins, pulls, ends, and how likely it is to end in time. */
export function DayFigures({ day, isLatest, play, days, write }: DayFiguresProps) {
  const { setting, breaks, plan, finishMinute } = day
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-3">
      {isLatest && <Figure value={write(0)} label="start at the latest" />}
      <Figure name="first-pull" value={write(plan.sheets[0].pullAt)} label="first pull" />
      <Figure name="all-printed" value={write(plan.printedAt)} label={`${plan.sheets.length} printed`} />
      <Figure name="clean" value={write(plan.endAt)} label="clean" />
      <Figure
        name="cycle"
        value={`${formatNumber(plan.cycleMinutes, 1)} min`}
        label="a print"
        note={`limited by: ${BOTTLENECKS[plan.bottleneck]}`}
      />
      {finishMinute !== null && (
        <Figure
          value={pullsThatFit(setting, 0, finishMinute, breaks)}
          label={`fit by ${write(finishMinute)}`}
        />
      )}
      {finishMinute !== null && (play.ends || play.done !== null) && (
        <Figure
          value={play.ends ? `${formatNumber(100 * chanceBy(play.ends, finishMinute), 0)} %` : '…'}
          label={`chance to be clean by ${write(finishMinute)}`}
          note={
            play.ends ? (
              <span className="inline-flex min-h-11 items-center">
                9 days in 10 end by {write(endOf(play.ends, 0.9))}
              </span>
            ) : (
              <Playing done={play.done ?? 0} days={days} onCancel={play.cancel} />
            )
          }
        />
      )}
    </div>
  )
}

/** That the day is too long for its end, and what would win time. */
export function DayTooLong({ day }: Pick<DayFiguresProps, 'day'>) {
  const { over, finishMinute, setting, breaks } = day
  if (over === null || finishMinute === null || over <= HARDLY_OVER) return null
  return (
    <div role="alert">
      <p className="font-medium text-signal">◆ What would win time</p>
      <ul className="list-inside list-disc text-sm">
        {whatToRelax(setting, 0, breaks).map(({ words, winsMinutes }) => (
          <li key={words}>
            {words}: {formatNumber(winsMinutes, 0)} min
          </li>
        ))}
      </ul>
    </div>
  )
}

/** The day as a list, sheet by sheet. */
export function DayList({ plan, write }: { plan: DayPlan; write: (minutes: number) => string }) {
  return (
    <details className="border-t border-line">
      <summary className="min-h-11 py-2">As a list</summary>
      <table className="condensed w-full text-sm">
        <thead className="text-left text-muted">
          <tr>
            {['Sheet', 'In', 'Lift', 'Ink', 'Pull'].map((head) => (
              <th key={head} scope="col" className="font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {plan.sheets.map(({ sheet, inAt, liftAt, inkAt, pullAt }) => (
            <tr key={sheet} className="border-t border-line">
              <th scope="row" className="py-1 text-left font-normal">
                {sheet}
              </th>
              {[inAt, liftAt, inkAt, pullAt].map((moment, i) => (
                <td key={i}>{write(moment)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}
