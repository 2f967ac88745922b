'use client'

import { onShelf } from '@/core/units/onShelf'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import type { Geometry } from '@/core/ink/surface'
import type { FieldProblem } from '@/data/database/errors'
import type { StoreInk } from '@/data/shop/inks'
import { SAMPLE_TRAY } from '@/devices/sampleTray'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import { EyeColour } from '../../ink/EyeColour'
import { PicturePick } from '../../ink/PicturePick'
import { SpectrumReading } from '../../ink/SpectrumReading'
import type { Readings } from './bringInInk'
import type { NewInkState } from './newInkState'

const DRAWDOWN = [
  ['overWhite', 'Film over white'],
  ['overBlack', 'Film over black'],
  ['white', 'White ground'],
  ['black', 'Black ground'],
] as const
const TINT = [
  ['masstone', 'Ink alone, thick'],
  ['tint', 'Let down with white, thick'],
] as const
const GEOMETRIES = [
  ['45:0', '45°:0°, shine left out'],
  ['di:8', 'di:8°, shine included'],
] as const

/** Fields of the readings, where their problems are shown. */
export const READING_FIELDS: string[] = [
  ...['lab', 'share', 'filmMicrometres'],
  ...[...DRAWDOWN, ...TINT].map(([field]) => field),
]

interface InkReadingsProps {
  state: NewInkState
  change: (patch: Partial<NewInkState>) => void
  problems: FieldProblem[]
}

/** Readings of the instrument, one a line. */
function Spectra({
  of,
  state,
  change,
  problems,
}: InkReadingsProps & { of: readonly (readonly [keyof Readings, string])[] }) {
  return of.map(([field, label]) => (
    <SpectrumReading
      key={field}
      label={label}
      tray={SAMPLE_TRAY}
      value={state.readings[field] ?? null}
      onValue={(reflectance) => change({ readings: { ...state.readings, [field]: reflectance } })}
      problem={problemAt(problems, field)}
    />
  ))
}

function GeometryField({ state, change }: Pick<InkReadingsProps, 'state' | 'change'>) {
  return (
    <SelectField
      label="The instrument measures"
      value={state.geometry}
      options={GEOMETRIES}
      onPick={(value) => change({ geometry: value as Geometry })}
      className="max-w-72"
    />
  )
}

/** A film of known thickness over white and over black. */
export function DrawdownReadings(props: InkReadingsProps) {
  const { state, change, problems } = props
  return (
    <>
      <GeometryField {...props} />
      <Spectra of={DRAWDOWN} {...props} />
      <NumberField
        label="Thickness of the film"
        unit="µm"
        value={state.film}
        onValue={(film) => change({ film })}
        problem={problemAt(problems, 'filmMicrometres')}
        className="max-w-56"
      />
    </>
  )
}

/** The ink alone, and let down with a white that is on the shelf. */
export function TintReadings(props: InkReadingsProps & { inks: readonly StoreInk[] }) {
  const { state, change, problems, inks } = props
  return (
    <>
      <GeometryField {...props} />
      <Spectra of={TINT} {...props} />
      <NumberField
        label="Ink in the tint"
        unit="% by volume"
        value={state.share}
        onValue={(share) => change({ share })}
        problem={problemAt(problems, 'share')}
        className="max-w-56"
      />
      <SelectField
        label="The white"
        value={state.whiteId}
        options={[
          ['', 'choose…'],
          ...onShelf(inks, state.whiteId).map(({ id, name }) => [id, name] as const),
        ]}
        onPick={(whiteId) => change({ whiteId })}
        className="max-w-56"
        hint="Needed to separate the ink’s strength from the white’s."
      />
    </>
  )
}

/** One colour, chosen by eye or picked from a picture. */
export function PickedColour({ state, change, problems }: InkReadingsProps) {
  const problem = problemAt(problems, 'lab')
  return (
    <>
      <EyeColour
        label="Its colour, printed solid"
        hint="By eye, beside a print or a smear on white paper."
        stands="#808080"
        onPick={(lab) => change({ lab })}
      />
      <PicturePick onPick={(lab) => change({ lab })} />
      <SelectField
        label="It covers"
        value={state.covering}
        options={Object.entries(COVERINGS).map(([key, { label }]) => [key, label])}
        onPick={(value) => change({ covering: value as Covering })}
        className="max-w-56"
      />
      {problem && (
        <p role="alert" className="text-sm font-medium text-signal">
          ◆ {problem}
        </p>
      )}
      <p className="text-sm text-muted">
        The smoothest spectrum of that colour is taken (least slope squared). The weakest way an ink can be
        known: it is marked estimated wherever it is shown.
      </p>
    </>
  )
}
