'use client'

import { formatArea } from '@/core/units/quantity'
import { PLATE_KINDS, romanNumeral, type PlateKind, type PlateSetting, standsWords } from '@/core/plate/plate'
import { plateLife, standsHereWords, type PlateHistory } from '@/core/plate/plateLife'
import type { StandsHere } from '@/core/plate/standsHere'
import { Figure } from '@/ui/Figure'
import { SelectField, TextField } from '@/ui/Field'
import { LengthField, NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useJob } from '../across/bench/BenchContext'
import { PlateCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { useStation, type Loose } from '../across/bench/useStation'
import { plateAnswer } from './answers'
import { GaugeField } from './GaugeField'
import { EdgeProfile } from './EdgeProfile'
import { PlateRooms } from './PlateRooms'
import { SurfaceFields } from './SurfaceFields'
import { PlatePicture, type PlatePictureState } from './PlatePicture'

const UNSET: Loose<PlateSetting> = {
  name: '',
  kind: 'copper-etched',
  widthMm: null,
  heightMm: null,
  thicknessMm: null,
  bevelDegrees: 45,
  state: 1,
}

/** What plates of a kind stand: here first, then anywhere. */
function standsHint(kind: PlateKind, here: StandsHere | null): string {
  if (PLATE_KINDS[kind].stands === null) return 'does not wear'
  const usual = `usually stands ${standsWords(kind)} pulls`
  return here ? `stands here ${standsHereWords(here)}; ${usual}` : usual
}

/** A plate is in its first state whoever says so; the rest nobody has said. */
const LAID_OUT = Object.keys(UNSET).filter((key) => key !== 'state')

/** The plate: what it is, how thick by its gauge, what it looks like both ways round, and what life it has left. */
export function PlateStation({ states, history }: { states: PlatePictureState[]; history: PlateHistory }) {
  const job = useJob()
  const { value, change, ...kept } = useStation('plate', UNSET, LAID_OUT)
  const here = (value.kind && job.beside.standsHere[value.kind]) ?? null
  const life = value.kind
    ? plateLife({ ...value, kind: value.kind }, job.pullsFromPlate, { ...history, here })
    : null
  const measured =
    value.widthMm && value.heightMm ? { widthMm: value.widthMm, heightMm: value.heightMm } : null

  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      aside={<KeepLine {...kept} />}
      answer={plateAnswer(value, life)}
    >
      <PlateCaution kind={value.kind} />
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_20rem]">
        <PlatePicture
          states={states}
          size={measured}
          ready={job.bench.plate !== null || kept.state === 'kept'}
        />
        <div className="grid content-start gap-3 sm:grid-cols-2">
          <TextField
            label="Name of the plate"
            anchor="plate-name"
            value={value.name ?? ''}
            onText={(name) => change({ name })}
            problem={problemAt(kept.problems, 'name')}
            className="sm:col-span-2"
          />
          <SelectField
            label="Kind"
            anchor="plate-kind"
            value={value.kind ?? ''}
            onPick={(kind) => change({ kind: kind as PlateKind })}
            options={Object.entries(PLATE_KINDS).map(([kind, { label }]) => [kind, label])}
            hint={value.kind && standsHint(value.kind, here)}
            className="sm:col-span-2"
          />
          <LengthField
            label="Width"
            anchor="plate-width"
            isSide
            value={value.widthMm}
            onValue={(widthMm) => change({ widthMm })}
            problem={problemAt(kept.problems, 'widthMm')}
          />
          <LengthField
            label="Height"
            anchor="plate-height"
            isSide
            value={value.heightMm}
            onValue={(heightMm) => change({ heightMm })}
            problem={problemAt(kept.problems, 'heightMm')}
          />
          <GaugeField kind={value.kind} onThickness={(thicknessMm) => change({ thicknessMm })} />
          <NumberField
            label="Thickness"
            anchor="plate-thickness"
            unit="mm"
            value={value.thicknessMm}
            onValue={(thicknessMm) => change({ thicknessMm })}
            problem={problemAt(kept.problems, 'thicknessMm')}
          />
          <NumberField
            label="Bevel"
            anchor="plate-bevel"
            unit="degrees"
            digits={0}
            value={value.bevelDegrees}
            onValue={(bevelDegrees) => change({ bevelDegrees })}
            problem={problemAt(kept.problems, 'bevelDegrees')}
            hint={value.bevelDegrees === 0 ? 'Unbevelled: metal and plastic cut blankets.' : undefined}
          />
          <SurfaceFields
            plate={value}
            at={(field) => problemAt(kept.problems, field)}
            onSurface={(surface) => change({ surface })}
          />
          <EdgeProfile thicknessMm={value.thicknessMm ?? 1} bevelDegrees={value.bevelDegrees ?? 0} />
          <div className="mt-2 grid gap-4 border-t border-line pt-3 sm:col-span-2 sm:grid-cols-2">
            {life && (
              <NumberField
                label="Its maker says it stands about"
                unit="pulls"
                digits={0}
                value={value.standsAbout ?? null}
                onValue={(standsAbout) => change({ standsAbout })}
                problem={problemAt(kept.problems, 'standsAbout')}
              />
            )}
            {measured && (
              <Figure
                name="plate-area"
                value={formatArea((measured.widthMm * measured.heightMm) / 100, 0)}
                label="Plate area"
              />
            )}
            <Figure value={romanNumeral(value.state ?? 1)} label="State" />
          </div>
        </div>
      </div>
    </Panel>
  )
}
