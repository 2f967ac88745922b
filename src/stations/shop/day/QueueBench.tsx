'use client'

import { formatFine } from '@/core/units/quantity'
import { useZone } from '@/ui/ViewerZone'
import { Printer } from 'lucide-react'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { MOST_PUT_BACK, queueInput, queuePeople, type QueueInput } from '@/core/day/pressQueue'
import { readPeopleRows, writePeopleRows, type PersonRow } from '@/core/day/peopleRows'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { KeptQueue } from '@/data/shop/queues'
import { Button, buttonClass } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Field, TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { problemAt } from '../../across/bench/problemAt'
import { PersonField } from '../../across/person/PersonField'
import { usePerson } from '../../across/person/usePerson'
import { PeopleTable } from './PeopleTable'
import { queueAnswer } from './answers'
import { Problems } from '../../across/pull/Problems'
import { keepQueueAction } from './actions'
import { wallClock } from './daySpans'
import { sendAct } from '../../across/act/sendAct'

/** Several people and their plates: the order that is through soonest, what is laid under each plate, and who is when where. */
export function QueueBench({ kept }: { kept: KeptQueue | null }) {
  const zone = useZone()
  const person = usePerson()
  const [name, setName] = useState(kept?.name ?? 'Press queue')
  const [rows, setRows] = useState<PersonRow[]>(kept ? writePeopleRows(kept.input.people) : [])
  const [places, setPlaces] = useState<number | null>(kept?.input.places ?? 3)
  const [presses, setPresses] = useState<number | null>(kept?.input.presses ?? 1)
  const [hotplates, setHotplates] = useState<number | null>(kept?.input.hotplates ?? null)
  const [order, setOrder] = useState<QueueInput['order']>(kept?.input.order ?? 'soonest')
  const [startField, setStart] = useState('10:00')
  const [isKept, setKept] = useState(false)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const { people, problems: wrong } = useMemo(() => readPeopleRows(rows), [rows])
  const parsed = queueInput.safeParse({ people, places, presses, hotplates: hotplates ?? undefined, order })
  const queue = useMemo(() => {
    const input = queueInput.safeParse({
      people,
      places,
      presses,
      hotplates: hotplates ?? undefined,
      order,
    })
    return input.success ? queuePeople(input.data) : null
  }, [people, places, presses, hotplates, order])
  const at = (field: string) =>
    parsed.success ? undefined : parsed.error.issues.find(({ path }) => path[0] === field)?.message
  const startAt = () => {
    const today = new Date()
    const [hours, minutes] = startField.split(':').map(Number)
    today.setHours(hours, minutes, 0, 0)
    return today.toISOString()
  }
  const start = /^\d\d:\d\d$/.test(startField) ? startAt() : null
  const touched =
    <T,>(set: (value: T) => void) =>
    (value: T) => {
      set(value)
      setKept(false)
    }
  const keep = async () => {
    if (!parsed.success || !start) return
    const answer = await sendAct(keepQueueAction, {
      name,
      input: parsed.data,
      startAt: start,
      by: person,
    })
    setProblems(answer.ok ? [] : answer.problems)
    setKept(answer.ok)
  }
  return (
    <Panel
      title="Press queue"
      answer={queueAnswer(
        queue && start
          ? {
              first: queue.turns[0],
              people: queue.turns.length,
              presses: presses ?? 1,
              isExact: queue.isExact,
              at: (minute) => wallClock(start, minute, zone),
              endMinutes: queue.endMinutes,
            }
          : null,
      )}
    >
      <div className="grid gap-6 xl:grid-cols-[30rem_minmax(0,1fr)] print:block">
        <div className="grid content-start gap-3 print:hidden">
          <TextField
            label="Name of the day"
            value={name}
            onText={touched(setName)}
            problem={problemAt(problems, 'name')}
          />
          <PeopleTable rows={rows} problems={wrong} onRows={touched(setRows)} />
          {rows.length > 0 && at('people') && (
            <p role="alert" className="text-sm font-medium text-signal">
              ◆ {at('people')}
            </p>
          )}
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label="Inking places"
              digits={0}
              value={places}
              onValue={touched(setPlaces)}
              problem={at('places')}
            />
            <NumberField
              label="Hotplate places"
              digits={0}
              value={hotplates}
              onValue={touched(setHotplates)}
              problem={at('hotplates')}
              hint="empty: not limiting"
            />
            <NumberField
              label="Presses"
              digits={0}
              value={presses}
              onValue={touched(setPresses)}
              problem={at('presses')}
            />
            <Field label="Begin at" problem={start ? undefined : 'is not a time'}>
              {(ids) => (
                <input
                  {...ids}
                  type="time"
                  value={startField}
                  onChange={(event) => touched(setStart)(event.target.value)}
                />
              )}
            </Field>
          </div>
          <Choice
            label="Order"
            value={order}
            options={[
              ['soonest', 'Soonest through'],
              ['fair', `Nobody moved back more than ${MOST_PUT_BACK}`],
              ['as-they-came', 'As they came'],
            ]}
            onPick={touched(setOrder)}
          />
          <PersonField did="Queue kept by" problem={problemAt(problems, 'by')} />
          <Problems problems={problems} except={['by', 'name']} />
          <div className="flex flex-wrap gap-3">
            <MainAct>
              <Button
                look="main"
                disabled={!parsed.success || wrong.length > 0 || !start}
                onClick={() => void keep()}
              >
                {isKept ? 'Saved' : 'Save this queue'}
              </Button>
            </MainAct>
            <Link href="/queue/wall" className={buttonClass()}>
              Wall screen
            </Link>
            <Button className="screen-only" disabled={!queue} onClick={() => window.print()}>
              <Printer size={18} aria-hidden /> Print turn tickets
            </Button>
          </div>
        </div>
        {queue && start && (
          <section aria-label="Turns" className="min-w-0">
            <div className="flex flex-wrap gap-x-8 gap-y-3">
              <Figure value={queue.turns.length} label="people" />
              <Figure
                name="queue-end"
                value={wallClock(start, queue.endMinutes, zone)}
                label="the last is through"
                note={`${formatNumber(queue.endMinutes, 0)} min`}
              />
              <Figure
                value={
                  queue.isExact
                    ? 'exact'
                    : `+${formatNumber((100 * (queue.endMinutes - queue.boundMinutes)) / queue.boundMinutes, 1)} %`
                }
                label={queue.isExact ? 'no order ends sooner' : 'over what no order can beat'}
              />
            </div>
            <div className="mt-4 overflow-x-auto print:hidden">
              <table className="condensed w-full text-sm">
                <thead className="text-left text-muted">
                  <tr>
                    {['Turn', 'Who', 'Place', 'Prepare', 'Press', 'Up', 'Under the plate'].map((head) => (
                      <th key={head} scope="col" className="font-normal">
                        {head}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {queue.turns.map((turn, i) => (
                    <tr key={turn.name} className="border-t border-line">
                      <td className="py-1">{i + 1}</td>
                      <th scope="row" className="text-left">
                        {turn.name}
                      </th>
                      <td>{turn.place}</td>
                      <td>
                        {wallClock(start, turn.prepFrom, zone)}–{wallClock(start, turn.prepTo, zone)}
                      </td>
                      <td>{turn.press}</td>
                      <td>{wallClock(start, turn.pressFrom, zone)}</td>
                      <td>{turn.makeReadyMm === 0 ? 'nothing' : formatFine(turn.makeReadyMm, 2)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
            <ul className="mt-6 hidden grid-cols-2 gap-4 print:grid">
              {queue.turns.map(({ name: who, pressFrom, press, makeReadyMm }) => (
                <li key={who} className="border border-black p-3">
                  <b className="block text-2xl">{who}</b> press {press} at {wallClock(start, pressFrom, zone)}
                  :{' '}
                  {makeReadyMm === 0
                    ? 'nothing under the plate'
                    : `${formatFine(makeReadyMm, 2)} under the plate`}
                  . The press stays as it is set.
                </li>
              ))}
            </ul>
            <p className="mt-2 text-sm text-muted">
              What lies under each plate brings it to the thickest one’s height: nobody sets the press anew.
            </p>
          </section>
        )}
      </div>
    </Panel>
  )
}
