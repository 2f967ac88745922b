'use client'

import { formatFines } from '@/core/units/quantity'
import { useState } from 'react'
import type { GrowthMarks } from '@/core/paper/growth'
import type { KeptMisfit } from '@/core/register/misfitHistory'
import { usualRegister, type OtherPlate } from '@/core/register/registerSetting'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { LengthField, NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { useStation } from '../across/bench/useStation'
import { platesAnswer } from './answers'
import { MisfitSolver } from './MisfitSolver'
import { RegisterRooms } from './RegisterRooms'
import { TwoWays, useTwoWays } from './TwoWays'

/** Further plates on the same sheet: their order and place, the two ways of printing them, and what does not fit. */
export function PlatesRoom({ marks, misfits }: { marks: GrowthMarks[]; misfits: KeptMisfit[] }) {
  const job = useJob()
  const { plate, paper, register } = useBench()
  const { value, change, ...kept } = useStation('register', usualRegister)
  const [measuring, setMeasuring] = useState(0)
  const ways = useTwoWays(marks)
  if (!plate || !paper || !register)
    return (
      <Panel
        rooms={<RegisterRooms />}
        title="Register"
        answer={{
          says: 'Lay the first plate first',
          because: 'Further plates are laid from it.',
          asks: { words: 'Go to Register', page: `/jobs/${job.slug}/register` },
        }}
      />
    )
  const plates = value.plates ?? []
  const set = (at: number, patch: Partial<OtherPlate>) =>
    change({ plates: plates.map((one, i) => (i === at ? { ...one, ...patch } : one)) })
  const shift = (from: number, to: number) =>
    change({
      plates: plates.map((one, i) => {
        if (i === from) return plates[to]
        if (i === to) return plates[from]
        return one
      }),
    })
  const number = (value: number | null) => value ?? Number.NaN
  const outlines = [
    { name: `${plate.name}, plate 1`, widthMm: plate.widthMm, heightMm: plate.heightMm },
    ...plates.map((one, i) => ({ ...one, name: `${one.name}, plate ${i + 2}` })),
  ]
  const measured = outlines[Math.min(measuring, outlines.length - 1)]
  return (
    <Panel
      rooms={<RegisterRooms />}
      title="Register"
      aside={<KeepLine {...kept} />}
      answer={platesAnswer(plates.length, ways.routes, value.route ?? 'dried')}
    >
      <section aria-label="Plates in printing order">
        <h2 className="station-title">Plates in printing order</h2>
        <ol>
          <li className="border-t border-line py-2">
            <b>1. {plate.name}</b>, {formatFines([plate.widthMm, plate.heightMm], ' × ', 1)}: the others are
            laid from it.
          </li>
          {plates.map((one, i) => (
            <li key={i} className="border-t border-line py-2">
              <fieldset className="grid grid-cols-2 gap-3 sm:grid-cols-3 xl:grid-cols-6">
                <legend className="font-semibold">
                  {i + 2}. {one.name}
                </legend>
                <TextField
                  label={`Plate ${i + 2}, name`}
                  value={one.name}
                  onText={(name) => set(i, { name })}
                  problem={problemAt(kept.problems, `plates.${i}.name`)}
                />
                <LengthField
                  label={`Plate ${i + 2}, width`}
                  value={one.widthMm}
                  onValue={(next) => set(i, { widthMm: number(next) })}
                  problem={problemAt(kept.problems, `plates.${i}.widthMm`)}
                />
                <LengthField
                  label={`Plate ${i + 2}, height`}
                  value={one.heightMm}
                  onValue={(next) => set(i, { heightMm: number(next) })}
                  problem={problemAt(kept.problems, `plates.${i}.heightMm`)}
                />
                <NumberField
                  label={`Plate ${i + 2}, right of plate 1`}
                  unit="mm"
                  value={one.rightMm}
                  onValue={(next) => set(i, { rightMm: number(next) })}
                  problem={problemAt(kept.problems, `plates.${i}.rightMm`)}
                />
                <NumberField
                  label={`Plate ${i + 2}, above plate 1`}
                  unit="mm"
                  value={one.upMm}
                  onValue={(next) => set(i, { upMm: number(next) })}
                  problem={problemAt(kept.problems, `plates.${i}.upMm`)}
                />
                <div className="flex items-end gap-2">
                  {i > 0 && (
                    <Button onClick={() => shift(i, i - 1)} aria-label={`Print plate ${i + 2} earlier`}>
                      Earlier
                    </Button>
                  )}
                  <Button
                    look="quiet"
                    onClick={() => change({ plates: plates.filter((_, at) => at !== i) })}
                    aria-label={`Take plate ${i + 2} out`}
                  >
                    Take out
                  </Button>
                </div>
              </fieldset>
            </li>
          ))}
        </ol>
        <Button
          disabled={plates.length >= 8}
          onClick={() =>
            change({
              plates: [
                ...plates,
                {
                  name: `Colour ${plates.length + 2}`,
                  widthMm: plate.widthMm,
                  heightMm: plate.heightMm,
                  rightMm: 0,
                  upMm: 0,
                },
              ],
            })
          }
        >
          Add a plate
        </Button>
        <p className="mt-1 text-sm text-muted">
          Right and above are meant on the print’s face, middle to middle. The registration sheet shows every
          plate, numbered.
        </p>
      </section>
      <TwoWays ways={ways} route={value.route ?? 'dried'} onRoute={(route) => change({ route })} />
      <section aria-label="Misfit" className="mt-6 border-t border-line pt-4">
        <h2 className="station-title mb-2">Misregistration</h2>
        <SelectField
          label="Measured of"
          value={String(Math.min(measuring, outlines.length - 1))}
          options={outlines.map(({ name }, i) => [String(i), name] as const)}
          onPick={(next) => setMeasuring(Number(next))}
          className="mb-3 max-w-80"
        />
        <MisfitSolver
          key={measured.name}
          plate={measured}
          isFaceDown={value.laying === 'face-down'}
          misfits={misfits}
        />
      </section>
    </Panel>
  )
}
