import { useState } from 'react'
import { romanNumeral } from '@/core/plate/plate'
import { saidDayOf } from '@/core/units/moment'
import type { KeptWatchSpot } from '@/data/plate/plateWatch'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { usePatched } from '@/ui/usePatched'
import { useZone } from '@/ui/ViewerZone'
import type { PlatePictureState } from './PlatePicture'
import { openComparison, spotsOn, stateOptions, type Comparison } from './plateStates'

/** Two states of a plate, beside one another or one over the other, as the plate lies or as it prints. */
export function StatesCompared({
  states,
  spots,
  size,
}: {
  states: PlatePictureState[]
  spots: KeptWatchSpot[]
  size: { widthMm: number; heightMm: number }
}) {
  const [{ first, second, manner, way }, change] = usePatched(() => openComparison(states))
  const of = (wanted: number | null) => states.find(({ state }) => state === wanted)
  const options = stateOptions(states)
  return (
    <section aria-label="States compared">
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <SelectField
          label="One state"
          value={String(first)}
          options={options}
          onPick={(picked) => change({ first: Number(picked) })}
          className="w-52"
        />
        <SelectField
          label="The other"
          value={String(second)}
          options={options}
          onPick={(picked) => change({ second: Number(picked) })}
          className="w-52"
        />
        <Choice
          label="How to compare"
          value={manner}
          options={[
            ['beside', 'Side by side'],
            ['over', 'One over the other'],
          ]}
          onPick={(picked) => change({ manner: picked })}
        />
        <Choice
          label="Way round"
          value={way}
          options={[
            ['plate', 'Plate'],
            ['print', 'Print'],
          ]}
          onPick={(picked) => change({ way: picked })}
        />
      </div>
      {manner === 'beside' ? (
        <div className="grid gap-4 sm:grid-cols-2">
          {[of(first), of(second)].map(
            (state, i) =>
              state && (
                <StatePicture
                  key={i}
                  state={state}
                  way={way}
                  size={size}
                  spots={spotsOn(spots, state.state, states.at(-1)!.state)}
                />
              ),
          )}
        </div>
      ) : (
        <Swipe lower={of(first)} upper={of(second)} way={way} ratio={size.widthMm / size.heightMm} />
      )}
    </section>
  )
}

const turn = (way: Comparison['way']) => (way === 'print' ? '-scale-x-100' : '')

function StatePicture({
  state,
  way,
  size,
  spots,
}: {
  state: PlatePictureState
  way: Comparison['way']
  size: { widthMm: number; heightMm: number }
  spots: KeptWatchSpot[]
}) {
  const zone = useZone()
  return (
    <figure>
      <div
        className={`relative overflow-hidden bg-ground ${turn(way)}`}
        style={{ aspectRatio: size.widthMm / size.heightMm }}
      >
        {state.image ? (
          <img
            src={`/pictures/${state.image.id}/view`}
            alt={`State ${romanNumeral(state.state)}, ${way === 'plate' ? 'as the plate lies' : 'as it prints'}`}
            className="size-full object-contain"
          />
        ) : (
          <p className={`p-4 text-center text-sm text-muted ${turn(way)}`}>
            No picture of this state yet: add one on the page Plate.
          </p>
        )}
        {spots.map(({ id, at: [x, y], note }) => (
          <span
            key={id}
            title={note}
            className="absolute size-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white outline outline-2 outline-black"
            style={{ left: `${(100 * x) / size.widthMm}%`, top: `${(100 * y) / size.heightMm}%` }}
          />
        ))}
      </div>
      <figcaption className="mt-1 text-sm">
        <b>State {romanNumeral(state.state)}</b>, {saidDayOf(state.openedAt, zone)}
        {state.note && `: ${state.note}`}
      </figcaption>
    </figure>
  )
}

function Swipe({
  lower,
  upper,
  way,
  ratio,
}: {
  lower?: PlatePictureState
  upper?: PlatePictureState
  way: Comparison['way']
  ratio: number
}) {
  const [cut, setCut] = useState(50)
  if (!lower?.image || !upper?.image)
    return (
      <p className="border border-line bg-ground p-4">
        Both states need a picture to be laid over one another.
      </p>
    )
  return (
    <div>
      <div className={`relative overflow-hidden bg-ground ${turn(way)}`} style={{ aspectRatio: ratio }}>
        <img
          src={`/pictures/${lower.image.id}/view`}
          alt={`State ${romanNumeral(lower.state)}`}
          className="absolute size-full object-contain"
        />
        <img
          src={`/pictures/${upper.image.id}/view`}
          alt={`State ${romanNumeral(upper.state)}, over it`}
          className="absolute size-full object-contain"
          style={{ clipPath: `inset(0 0 0 ${cut}%)` }}
        />
        <span
          aria-hidden
          className="absolute inset-y-0 w-px bg-black outline outline-1 outline-white"
          style={{ left: `${cut}%` }}
        />
      </div>
      <label className="mt-2 grid min-h-11 grid-cols-[8rem_1fr_8rem] items-center gap-3 text-sm">
        State {romanNumeral(lower.state)}
        <input
          type="range"
          min={0}
          max={100}
          value={cut}
          onChange={(event) => setCut(Number(event.target.value))}
          aria-label="Where one state ends and the other begins"
          className="min-h-11 w-full accent-[var(--text)]"
        />
        <span className="text-right">State {romanNumeral(upper.state)}</span>
      </label>
    </div>
  )
}
