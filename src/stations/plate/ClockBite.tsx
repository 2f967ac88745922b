'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState, type ReactNode } from 'react'
import { METAL_IN_MORDANT, METALS, MORDANTS, type Metal, type Mordant } from '@/core/plate/mordants'
import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'
import { clock } from '@/core/units/clock'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PlateCaution } from '../across/bench/cautions'
import { BESIDE_MORDANT, clockAnswer } from './clockAnswer'
import { PlateRooms } from './PlateRooms'
import { useArtworkReading } from './useArtworkReading'
import { useClockBite, type ClockBench, type LooseBite } from './useClockBite'

/** Read once the page stands: it runs the bite, and is not there before. */
const SequencePacer = dynamic(
  () => import('../across/bench/SequencePacer').then((module) => module.SequencePacer),
  { ssr: false },
)

/** A kind that is bitten, for the caution at the bath. */
const bittenKind = (kind: PlateKind | undefined): PlateKind =>
  kind && PLATE_KINDS[kind].caution === 'bath' ? kind : 'zinc-etched'

/** A bite without a strip: when to look, how long the depth is likely to take, and the first bite corrects it. */
export function ClockBite({ ways }: { ways: ReactNode }) {
  const { plate } = useBench()
  const job = useJob()
  const reading = useArtworkReading()
  const bite = useClockBite(
    plate ? PLATE_KINDS[plate.kind].metal : null,
    reading && Number(reading.openCm2.toFixed(1)),
  )
  const [running, setRunning] = useState(false)
  // At once and not at the first press: by then the server may be away.
  useEffect(() => void import('../across/bench/SequencePacer'), [])
  const { looks, warning, plan } = bite
  if (running)
    return (
      <SequencePacer
        title="Bite by the clock"
        back="Back to the plan"
        after="rinse and look"
        keepAs={`typothesis-clock-${job.id}`}
        onClose={() => setRunning(false)}
        steps={looks.map((minutes, i) => ({
          label: lookName(i),
          caution: 'bath',
          seconds: 60 * (minutes - (looks[i - 1] ?? 0)),
          detail: `${clock(60 * minutes)} in all: lift, rinse, feel the step with a fingernail, brush the bubbles off`,
        }))}
        ended={(_, total) => <p className="far-number text-5xl">Bitten for {clock(total)}</p>}
      />
    )
  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      answer={clockAnswer(plan, bite.depth)}
      act={
        looks.length > 0 && (
          <Button look="main" onClick={() => setRunning(true)}>
            Run the bite
          </Button>
        )
      }
    >
      <PlateCaution kind={bittenKind(plate?.kind)} />
      {ways}
      <BathFields bite={bite} />
      {warning && <p className="mt-3 border-l-4 border-text bg-ground px-3 py-2 font-medium">◆ {warning}</p>}
      {looks.length > 0 && (
        <>
          <ol aria-label="Looks" className="mt-4 flex flex-wrap gap-x-8 gap-y-2 border-t border-line pt-3">
            {looks.map((minutes, i) => (
              <li key={minutes}>
                <span className="far-number block text-2xl">{clock(60 * minutes)}</span>
                <span className="text-sm text-muted">
                  {bite.mordant === 'nitric' ? 'first look, at a scrap' : lookName(i).toLowerCase()}
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-3 text-sm text-muted">
            At each look: lift, rinse, feel the step with a fingernail, brush bubbles off.
            {bite.mordant !== 'nitric' &&
              ' Shops differ over rates: what is measured here corrects them, and a test strip plans tones.'}
          </p>
        </>
      )}
      {looks.length > 0 && bite.mordant !== 'nitric' && <FirstBite bite={bite} />}
    </Panel>
  )
}

const lookName = (i: number): string => (i === 0 ? 'First look' : `Look ${i + 1}`)

/** The metal, the bath, and how deep it is to go. */
function BathFields({ bite }: { bite: ClockBench }) {
  const { metal, mordant, problemAt } = bite
  return (
    <div className="grid items-start gap-3 sm:grid-cols-3 xl:grid-cols-5">
      <SelectField
        label="Metal"
        value={metal}
        options={Object.entries(METALS)}
        onPick={(next) => bite.setMetal(next as Metal)}
      />
      <SelectField
        label="Mordant"
        value={mordant}
        options={Object.entries(MORDANTS).map(
          ([key, label]) =>
            [key, label + BESIDE_MORDANT[METAL_IN_MORDANT[metal][key as Mordant].does]] as const,
        )}
        onPick={(next) => bite.setMordant(next as Mordant)}
      />
      {mordant !== 'nitric' && (
        <NumberField
          label="Depth wanted"
          anchor="clock-depth"
          unit="µm"
          value={bite.depth}
          onValue={bite.setDepth}
          problem={problemAt('depthMicrometres')}
          hint="a line is felt from about 30"
        />
      )}
      {mordant !== 'nitric' && (
        <NumberField
          label="Bath now"
          unit="°C"
          value={bite.bathC}
          onValue={bite.setBathC}
          problem={problemAt('bathC')}
        />
      )}
      {mordant === 'ferric' && (
        <NumberField
          label="Strength"
          unit="°Bé"
          value={bite.baume}
          onValue={bite.setBaume}
          problem={problemAt('baume')}
        />
      )}
    </div>
  )
}

/** What a first bite in this bath came to, which corrects the plan: felt, or by what the plate lost. */
function FirstBite({ bite: { first, measured, setFirst } }: { bite: ClockBench }) {
  const field = (key: keyof LooseBite, label: string, unit: string) => (
    <NumberField
      label={label}
      unit={unit}
      digits={2}
      value={first[key]}
      onValue={(value) => setFirst({ ...first, [key]: value })}
    />
  )
  return (
    <Folded
      summary={
        <FoldedLine
          title="A first bite in this bath"
          value={
            measured
              ? `${formatNumber(measured.depthMicrometres, 0)} µm in ${clock(60 * measured.minutes)}`
              : 'none yet'
          }
        />
      }
      className="mt-3 border-t border-line"
    >
      <div className="grid items-start gap-3 pb-2 sm:grid-cols-4">
        {field('minutes', 'It bit for', 'min')}
        {field('depthMicrometres', 'Depth felt or gauged', 'µm')}
        {field('lossGrams', 'Or the plate lost', 'g')}
        {field('openCm2', 'over an open area of', 'cm²')}
      </div>
    </Folded>
  )
}
