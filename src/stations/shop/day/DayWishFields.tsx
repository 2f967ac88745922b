'use client'

import type { DaySetting } from '@/core/day/dayPlan'
import { formatNumber } from '@/core/units/length'
import { Choice } from '@/ui/Choice'
import { Field } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { isMoment, settingOf, type DayWish } from './dayWish'

type Length = Exclude<keyof DaySetting, 'pulls' | 'dryingPlaces'>
const LABELS: Record<Length, string> = {
  setUpMinutes: 'Mix and warm',
  inkWipeMinutes: 'Ink and wipe a plate',
  pullMinutes: 'Lay, pull, peel, interleave',
  soakMinutes: 'In the water',
  drainMinutes: 'Drain and blot',
  windowMinutes: 'Stays good covered',
  tubSheets: 'Sheets the tub takes',
  cleanUpMinutes: 'Clean up',
}
/** What is usually as it was, folded by what it is about, each with its value. */
const FOLDS: readonly {
  title: string
  fields: readonly Length[]
  value: (of: (field: Length) => string) => string
}[] = [
  {
    title: 'A print',
    fields: ['inkWipeMinutes', 'pullMinutes'],
    value: (of) => `${of('inkWipeMinutes')} min ink and wipe, ${of('pullMinutes')} min at the press`,
  },
  {
    title: 'Damping',
    fields: ['soakMinutes', 'drainMinutes', 'windowMinutes', 'tubSheets'],
    value: (of) =>
      `${of('soakMinutes')} min in water, ${of('drainMinutes')} min to drain, good for ${of('windowMinutes')} min; ${of('tubSheets')} in the tub`,
  },
  {
    title: 'Before and after',
    fields: ['setUpMinutes', 'cleanUpMinutes'],
    value: (of) => `${of('setUpMinutes')} min to mix and warm, ${of('cleanUpMinutes')} min to clean up`,
  },
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
  const written = (field: Length) => {
    const value = setting[field]
    return value === null ? '?' : formatNumber(value, 1)
  }
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
        {wish.given === 'start' && (
          <Field label="Start at" className="sm:col-span-2">
            {(ids) => (
              <input
                {...ids}
                type="datetime-local"
                value={wish.startField}
                onChange={(event) => change({ startField: event.target.value })}
              />
            )}
          </Field>
        )}
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
      </div>
      <div className="divide-y divide-line border-y border-line">
        {FOLDS.map(({ title, fields, value }) => (
          <Folded
            key={title}
            summary={<FoldedLine title={title} value={value(written)} />}
            isOpen={fields.some((field) => problemAt(field) !== undefined)}
          >
            <div className="grid items-end gap-3 pb-3 sm:grid-cols-2">
              {fields.map((field) => (
                <NumberField
                  key={field}
                  label={LABELS[field]}
                  unit={field === 'tubSheets' ? undefined : 'min'}
                  value={setting[field]}
                  onValue={(value) => set({ [field]: value })}
                  problem={problemAt(field)}
                />
              ))}
            </div>
          </Folded>
        ))}
        <Folded
          summary={
            <FoldedLine
              title="Break"
              value={wish.pauseMinutes ? `${wish.pauseAt}, ${wish.pauseMinutes} min` : 'none'}
            />
          }
        >
          <div className="grid gap-3 pb-3 sm:grid-cols-2">
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
        </Folded>
      </div>
    </>
  )
}
