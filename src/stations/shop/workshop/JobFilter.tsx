'use client'

import { useState } from 'react'
import { JOB_ORDERS, type JobOrder } from '@/core/prove/jobList'
import { PLACES_OF_JOBS, type PlaceOfJob } from '@/core/prove/placeOfJob'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'

/** Which jobs are shown, and in what order; it is in the address, so that it can be gone back to. */
export interface JobsAsked {
  find: string
  place: PlaceOfJob
  order: JobOrder
}

/** What is looked for, where, and in what order. @param counts how many jobs lie at each place */
export function JobFilter({ asked, counts }: { asked: JobsAsked; counts: Record<PlaceOfJob, number> }) {
  const [find, setFind] = useState(asked.find)
  const [place, setPlace] = useState<string>(asked.place)
  const [order, setOrder] = useState<string>(asked.order)
  return (
    <form role="search" action="/jobs" className="mb-3 flex flex-wrap items-end gap-3">
      <TextField
        label="Find by title or artist"
        name="find"
        maxLength={120}
        value={find}
        onText={setFind}
        className="min-w-48 flex-1"
      />
      <SelectField
        label="Where they lie"
        name="place"
        value={place}
        options={Object.entries(PLACES_OF_JOBS).map(([key, words]) => [
          key,
          `${words} (${counts[key as PlaceOfJob]})`,
        ])}
        onPick={setPlace}
      />
      <SelectField
        label="In order of"
        name="order"
        value={order}
        options={Object.entries(JOB_ORDERS)}
        onPick={setOrder}
      />
      <Button type="submit">Show</Button>
    </form>
  )
}
