'use client'

import { soonOf } from '@/core/units/moment'
import { OnDevice } from '@/ui/OnDevice'
import { useNow } from '@/ui/useNow'
import { useZone } from '@/ui/ViewerZone'
import { useState } from 'react'
import { dryingActs, type DryingLoad, type DryingPlace } from '@/core/dry/dryingPlaces'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { PersonField } from '../../across/person/PersonField'
import { usePerson } from '../../across/person/usePerson'
import { Problems } from '../../across/pull/Problems'
import { changeBetweenAction, takeOutAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

const A_MINUTE_MS = 60_000

interface DryingActsProps {
  places: readonly DryingPlace[]
  loads: readonly DryingLoad[]
}

/** What drying prints ask for, the earliest first, each done with one tap. */
export const DryingActs = (props: DryingActsProps) =>
  props.loads.length > 0 && (
    <OnDevice>
      <ActsByTheClock {...props} />
    </OnDevice>
  )

function ActsByTheClock({ places, loads }: DryingActsProps) {
  const zone = useZone()
  const moment = (at: string) => soonOf(at, zone)
  const person = usePerson()
  const [now] = useNow(A_MINUTE_MS)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const send = async (act: () => Promise<{ ok: true } | { ok: false; problems: FieldProblem[] }>) => {
    const answer = await act()
    setProblems(answer.ok ? [] : answer.problems)
  }
  const acts = dryingActs(places, loads, new Date(now).toISOString())
  return (
    <section aria-label="Drying prints">
      <ul>
        {acts.map(({ loadId, kind, at, isDue, words }) => (
          <li
            key={`${loadId} ${kind}`}
            className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-line py-1.5"
          >
            <span>
              <span className={isDue ? 'font-semibold' : ''}>
                {isDue ? '◆ ' : ''}
                {words}
              </span>{' '}
              <span className="text-sm text-muted">
                {isDue ? 'due since' : 'at'} {moment(at)}
              </span>
            </span>
            <Button
              onClick={() =>
                void send(() =>
                  kind === 'change'
                    ? sendAct(changeBetweenAction, { loadId, by: person })
                    : sendAct(takeOutAction, { loadId }),
                )
              }
            >
              {kind === 'change' ? 'Changed' : 'Taken out'}
            </Button>
          </li>
        ))}
      </ul>
      {acts.some(({ kind }) => kind === 'change') && (
        <PersonField did="Changed by" problem={problems[0]?.message} className="mt-2 max-w-56" />
      )}
      {acts.every(({ kind }) => kind !== 'change') && <Problems problems={problems} />}
    </section>
  )
}
