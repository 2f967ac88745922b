'use client'

import type { DaySetting } from '@/core/day/dayPlan'
import { Choice } from '@/ui/Choice'
import { Field } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { isMoment, settingOf, type DayWish } from './dayWish'

const FIELDS: readonly (readonly [keyof DaySetting, string, string])[] = [
  ['setUpMinutes', 'Mix and warm', 'min'],
  ['inkWipeMinutes', 'Ink and wipe a plate', 'min'],
  ['pullMinutes', 'Lay, pull, peel, interleave', 'min'],
  ['soakMinutes', 'In the water', 'min'],
  ['drainMinutes', 'Drain and blot', 'min'],
  ['windowMinutes', 'Stays good covered', 'min'],
  ['tubSheets', 'Sheets the tub takes', ''],
  ['cleanUpMinutes', 'Clean up', 'min'],
]

/** Why the places to dry do not do; undefined: they do. */
function placesProblem(wish: DayWish): string | undefined {
  const { setting, problemAt } = settingOf(wish)
  const isShort = setting !== null && setting.dryingPlaces !== null && setting.dryingPlaces < setting.pulls
  return problemAt('dryingPlaces') ?? (isShort ? `◆ ${setting.pulls} prints want a place` : undefined)
}

/** What is wished of the day: start or end, how many prints, and how long each part takes. */
export function DayWishFields({
  wish,
  change,
}: {
  wish: DayWish
  change: (patch: Partial<DayWish>) => void
}) {
  const { setting } = wish
  const { problemAt } = settingOf(wish)
  const set = (patch: Partial<DayWish['setting']>) => change({ setting: { ...setting, ...patch } })
  return (
    <>
      <Choice
        label="The wish"
        value={wish.given}
        options={[
          ['start', 'Start at'],
          ['finish', 'Latest start for a finish time'],
        ]}
        onPick={(given) => change({ given })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <Field label="Start at" className="sm:col-span-2">
          {(ids) => (
            <input
              {...ids}
              type="datetime-local"
              value={wish.startField}
              disabled={wish.given === 'finish'}
              onChange={(event) => change({ startField: event.target.value })}
            />
          )}
        </Field>
        <Field
          label="Cleaned up by"
          className="sm:col-span-2"
          problem={isMoment(wish.finishField) ? undefined : 'is not a moment'}
        >
          {(ids) => (
            <input
              {...ids}
              type="datetime-local"
              value={wish.finishField}
              onChange={(event) => change({ finishField: event.target.value })}
            />
          )}
        </Field>
        <NumberField
          label="Impressions"
          digits={0}
          value={setting.pulls}
          onValue={(pulls) => set({ pulls })}
          problem={problemAt('pulls')}
        />
        <NumberField
          label="Places to dry"
          digits={0}
          value={setting.dryingPlaces}
          onValue={(dryingPlaces) => set({ dryingPlaces })}
          problem={placesProblem(wish)}
          hint="empty: not limiting"
        />
        {FIELDS.map(([field, label, unit]) => (
          <NumberField
            key={field}
            label={label}
            unit={unit || undefined}
            value={setting[field]}
            onValue={(value) => set({ [field]: value })}
            problem={problemAt(field)}
          />
        ))}
        <Field label="Break at">
          {(ids) => (
            <input
              {...ids}
              type="time"
              value={wish.pauseAt}
              onChange={(event) => change({ pauseAt: event.target.value })}
            />
          )}
        </Field>
        <NumberField
          label="Break"
          unit="min"
          value={wish.pauseMinutes}
          onValue={(pauseMinutes) => change({ pauseMinutes })}
          hint="0: none"
        />
      </div>
    </>
  )
}
