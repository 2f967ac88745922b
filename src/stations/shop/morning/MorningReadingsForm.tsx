'use client'

import { useState } from 'react'
import type { MorningReadings } from '@/core/morning/morningSheet'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { keepMorningAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

/** The three readings of the morning: room, humidity, one sheet on the scale. */
export function MorningReadingsForm({
  readings,
  jobs,
}: {
  readings: MorningReadings | null
  jobs: { id: string; title: string }[]
}) {
  const [roomC, setRoom] = useState<number | null>(readings?.roomC ?? null)
  const [humidityPercent, setHumidity] = useState<number | null>(readings?.humidityPercent ?? null)
  const [sheetGrams, setSheet] = useState<number | null>(readings?.sheetGrams ?? null)
  const [sheetJobId, setSheetJob] = useState(readings?.sheetJobId ?? jobs[0]?.id ?? '')
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const keep = async () => {
    const answer = await sendAct(keepMorningAction, {
      roomC: roomC ?? Number.NaN,
      humidityPercent,
      sheetGrams,
      sheetJobId: sheetGrams === null ? null : sheetJobId,
    })
    setProblems(answer.ok ? [] : answer.problems)
  }
  return (
    <form
      aria-label="This morning"
      noValidate
      className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3 xl:grid-cols-[7rem_8rem_9rem_minmax(10rem,1fr)_auto]"
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      <NumberField
        label="Room"
        anchor="today-room"
        unit="°C"
        digits={1}
        value={roomC}
        onValue={setRoom}
        problem={problemAt(problems, 'roomC')}
      />
      <NumberField
        label="Humidity"
        unit="%"
        digits={0}
        value={humidityPercent}
        onValue={setHumidity}
        problem={problemAt(problems, 'humidityPercent')}
      />
      <NumberField
        label="Weight of one dry sheet"
        unit="g"
        digits={1}
        value={sheetGrams}
        onValue={setSheet}
        problem={problemAt(problems, 'sheetGrams')}
      />
      <SelectField
        label="Which job’s paper"
        value={sheetJobId}
        options={jobs.map(({ id, title }) => [id, title])}
        onPick={setSheetJob}
      />
      <Button look="main" type="submit">
        Update today’s advice
      </Button>
      <div className="col-span-2 sm:col-span-5">
        <Problems problems={problems.filter(({ field }) => field === '')} />
      </div>
    </form>
  )
}
