'use client'

import { useState } from 'react'
import type { Roster } from '@/core/edition/roster'
import { MOST_PUT_BACK } from '@/core/day/pressQueue'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Field } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { useJob, useSend } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { useAct } from '../bench/useAct'
import { Problems } from '../pull/Problems'
import { PeopleTable } from '../../shop/day/PeopleTable'
import { sendAct } from '../act/sendAct'
import { keepRosterAction } from './actions'
import { classForm, readWish, type ClassForm } from './classWish'

/** Who prints, where and from when: the list a class is planned from. */
export function ClassList({ roster }: { roster: Roster | null }) {
  const job = useJob()
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const [form, setForm] = useState(() => classForm(roster))
  const set = (patch: Partial<ClassForm>) => setForm((before) => ({ ...before, ...patch }))
  const wish = readWish(form, roster)
  const keep = (wanted: Roster) =>
    act(() => send((target) => sendAct(keepRosterAction, { ...target, roster: wanted })))
  const wrong = (form.rows.length > 0 ? wish.problemAt('makers') : undefined) ?? problemAt(problems, 'makers')
  return (
    <div className="grid max-w-3xl gap-3">
      <PeopleTable rows={form.rows} problems={wish.wrong} onRows={(rows) => set({ rows })} />
      {wrong && (
        <p role="alert" className="text-sm font-medium text-signal">
          ◆ {wrong}
        </p>
      )}
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <NumberField
          label="Inking places"
          digits={0}
          value={form.places}
          onValue={(places) => set({ places })}
          problem={wish.problemAt('places')}
        />
        <NumberField
          label="Presses"
          digits={0}
          value={form.presses}
          onValue={(presses) => set({ presses })}
          problem={wish.problemAt('presses')}
        />
        <Field label="Begin at" problem={wish.problemAt('startAt') && 'is not a time'}>
          {(ids) => (
            <input
              {...ids}
              type="time"
              value={form.begins}
              onChange={(event) => set({ begins: event.target.value })}
            />
          )}
        </Field>
        <Field label="Prints go home on" problem={wish.problemAt('homeOn')}>
          {(ids) => (
            <input
              {...ids}
              type="date"
              value={form.homeOn}
              onChange={(event) => set({ homeOn: event.target.value })}
            />
          )}
        </Field>
      </div>
      <Choice
        label="Order"
        value={form.order}
        options={[
          ['soonest', 'Soonest through'],
          ['fair', `Nobody moved back more than ${MOST_PUT_BACK}`],
          ['as-they-came', 'As they came'],
        ]}
        onPick={(order) => set({ order })}
      />
      <Problems problems={problems} except={['makers']} />
      <Button
        look={roster ? 'plain' : 'main'}
        className="w-fit"
        disabled={busy || job.numbered || wish.roster === null}
        onClick={() => wish.roster && void keep(wish.roster)}
      >
        Save the list
      </Button>
    </div>
  )
}
