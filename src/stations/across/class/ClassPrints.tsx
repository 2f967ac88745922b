'use client'

import { useRef, useState } from 'react'
import { makerOf, type Roster } from '@/core/edition/roster'
import type { Pull } from '@/core/edition/pull'
import { dayOf, saidDayOf, writeMoment } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { useZone } from '@/ui/ViewerZone'
import { useSend } from '../bench/BenchContext'
import { useAct } from '../bench/useAct'
import { Problems } from '../pull/Problems'
import { usePull } from '../pull/usePull'
import { WithdrawPull } from '../pull/WithdrawPull'
import { sendAct } from '../act/sendAct'
import { forgetNamesAction } from './actions'

/** Whose print is whose while they dry: found by sheet, name or time; and when the names go. */
export function ClassPrints({
  roster,
  pulls,
  lastPullId,
  isOpen,
  onAgain,
}: {
  roster: Roster
  pulls: readonly (Pull & { sheet: number })[]
  /** the last pull of the job; null: none */
  lastPullId: string | null
  /** more can be pulled */
  isOpen: boolean
  /** calls a maker up for another print */
  onAgain: (makerId: number) => void
}) {
  const zone = useZone()
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const { withdraw } = usePull()
  const list = useRef<HTMLOListElement>(null)
  const [find, setFind] = useState('')
  const names = new Map(roster.makers.map(({ id, name }) => [id, name]))
  const prints = pulls
    .flatMap((pull) => {
      const maker = makerOf(pull)
      return maker === null
        ? []
        : [{ pull, maker, name: names.get(maker) ?? '', moment: writeMoment(pull.pulledAt, pull.zone) }]
    })
    .reverse()
  const wanted = find.trim().toLowerCase()
  const found = prints.filter(
    ({ pull, name, moment }) =>
      wanted === '' ||
      name.toLowerCase().includes(wanted) ||
      moment.includes(wanted) ||
      pull.sheet === Number(wanted),
  )
  if (prints.length === 0) return null
  return (
    <section aria-label="Prints and their makers" className="mt-4 border-t border-line pt-3">
      <div className="flex flex-wrap items-end gap-3">
        <TextField label="Find a print: sheet, name or time" value={find} onText={setFind} />
        <p data-said className="pb-2 text-sm text-muted">
          {found.length} of {prints.length}
          {roster.homeOn ? `; they go home on ${saidDayOf(`${roster.homeOn}T12:00:00.000Z`, zone)}` : ''}
        </p>
        {!roster.isAnonymous && roster.homeOn !== null && (
          <Button
            look="quiet"
            disabled={busy}
            onClick={() =>
              void act(() =>
                send((target) =>
                  sendAct(forgetNamesAction, { ...target, today: dayOf(new Date().toISOString(), zone) }),
                ),
              )
            }
          >
            Take the names out
          </Button>
        )}
      </div>
      <Problems problems={problems} />
      <ol ref={list} tabIndex={-1} className="mt-2 grid gap-x-6 outline-none xl:grid-cols-2">
        {found.map(({ pull, maker, name, moment }) => (
          <li key={pull.id} className="flex flex-wrap items-center gap-x-3 border-b border-line">
            <span className="far-number w-10">{pull.sheet}</span>
            <b className="flex-1">{name}</b>
            <span className="condensed text-sm text-muted">{moment}</span>
            {isOpen && (
              <>
                <Button
                  look="quiet"
                  disabled={busy}
                  aria-label={`${name} prints again`}
                  onClick={() => onAgain(maker)}
                >
                  Again
                </Button>
                <WithdrawPull
                  pull={pull}
                  next={list}
                  isFollowed={pull.id !== lastPullId}
                  busy={busy}
                  onWithdraw={(why) => withdraw(pull, why)}
                />
              </>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
