'use client'

import { formatCelsiusStep } from '@/core/units/quantity'
import Link from 'next/link'
import { useState } from 'react'
import { firstMix, modifierAmount } from '@/core/ink/mix'
import { changeFirstMix } from '@/core/ink/severalMixes'
import { amountOnScale, sideNames, tightened, toMm, type PressureScale } from '@/core/press/pressureScale'
import { compareSettings } from '@/core/prove/compareSettings'
import { completeBench } from '@/core/prove/completeBench'
import type { Settings } from '@/core/prove/settings'
import { formatNumber } from '@/core/units/length'
import { PLATE_TONES, type PlateTone } from '@/core/plate/plateTone'
import { wipingSeconds } from '@/core/wipe/wipingOrder'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { PixelCanvas } from '@/ui/PixelCanvas'
import { Answer } from '@/ui/Answer'
import { Panel } from '@/ui/Panel'
import { Slider } from '@/ui/Slider'
import type { PrintGround } from '@/workers/print.worker'
import { useBench, useJob } from '../across/bench/BenchContext'
import { modelAnswer } from './answers'
import { useModelPrint } from './useModelPrint'

/** What is tried out, as changes to the bench: nothing of it is set. */
interface Tried {
  /** steps of the press, looser above zero */
  pressure: number
  right: number
  wiping: number
  uptake: number
  drops: number
  plateC: number
  plateTone: PlateTone | null
}
const AS_THE_BENCH: Tried = {
  pressure: 0,
  right: 0,
  wiping: 1,
  uptake: 0,
  drops: 0,
  plateC: 0,
  plateTone: null,
}
/** Steps of a scale that are tried either way, and how finely. */
const TRIED_STEPS = 2
const FINE = 0.25
/** Both prints and what is tried are seen at one look. */
const AT_ONE_LOOK = { maxHeight: '22rem', width: 'auto', maxWidth: '100%' }

/** So many steps looser than set, in words. */
const movedWords = (scale: PressureScale, steps: number, still: string): string =>
  steps === 0 ? still : `${amountOnScale(scale, steps * scale.step)} ${steps < 0 ? 'tighter' : 'looser'}`

/** The bench with what is tried. */
function withTried(
  bench: Settings,
  { pressure, right, wiping, uptake, drops, plateC, plateTone }: Tried,
): Settings {
  const { press, wipe, paper, ink } = bench
  const mix = firstMix(ink)
  const oil = Math.max(0, modifierAmount(mix, 'thin-oil') + drops)
  return {
    ...bench,
    press: {
      ...press,
      readingLeft: tightened(press.scale, press.readingLeft, -pressure),
      readingRight: tightened(press.scale, press.readingRight, -pressure - right),
    },
    wipe: {
      ...wipe,
      plateTone: plateTone ?? wipe.plateTone,
      steps: wipe.steps.map((step) => ({ ...step, seconds: Math.round(step.seconds * wiping) })),
    },
    paper: { ...paper, targetUptakePercent: Math.max(5, paper.targetUptakePercent + uptake) },
    ink: changeFirstMix(ink, {
      plateC: mix.plateC + plateC,
      modifiers: [
        ...mix.modifiers.filter(({ modifier }) => modifier !== 'thin-oil'),
        ...(oil > 0 ? [{ modifier: 'thin-oil' as const, amount: oil }] : []),
      ],
    }),
  }
}

/** Mean green of a picture: how light it is, 0 to 255. */
function lightness({ data }: { data: Uint8Array }): number {
  let sum = 0
  for (let i = 1; i < data.length; i += 3) sum += data[i]
  return (3 * sum) / data.length
}

/** A change tried out on a model before a sheet is spent on it: beside one another, the print it is held against and the one it would become. */
export function ModelRoom({
  held,
  heldName,
  ground,
}: {
  held: Settings | null
  heldName: string
  ground: PrintGround | null
}) {
  const bench = useBench()
  const job = useJob()
  const full = completeBench(bench, job.purpose)
  const back = (
    <Link
      href={`/jobs/${job.slug}/prove`}
      className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
    >
      Back to the proofs
    </Link>
  )
  if (!full)
    return (
      <Panel
        title="Simulated print"
        aside={back}
        answer={{
          says: 'Set every station first',
          because: 'The model prints from all of them.',
          asks: { words: 'See what is missing', page: `/jobs/${job.slug}/prove` },
        }}
      />
    )
  if (!ground)
    return (
      <Panel
        title="Simulated print"
        aside={back}
        answer={{
          says: 'Choose a picture of the plate first',
          because: 'The model prints from it, on a paper of the store.',
          asks: { words: 'Go to the plate', page: `/jobs/${job.slug}/plate` },
        }}
      />
    )
  return (
    <Panel title="Simulated print" aside={back}>
      <ModelBench bench={full} held={held ?? full} heldName={held ? heldName : 'the bench'} ground={ground} />
    </Panel>
  )
}

function ModelBench({
  bench,
  held,
  heldName,
  ground,
}: {
  bench: Settings
  held: Settings
  heldName: string
  ground: PrintGround
}) {
  const [tried, setTried] = useState<Tried>(AS_THE_BENCH)
  const settings = withTried(bench, tried)
  const { scale } = settings.press
  const { pictures, problem } = useModelPrint(ground, { held, tried: settings }, held)
  const changes = compareSettings(held, settings)
  const set = (part: Partial<Tried>) => setTried({ ...tried, ...part })
  const darker = pictures.held && pictures.tried ? lightness(pictures.held) - lightness(pictures.tried) : null
  const signed = (value: number, words: string) => `${value > 0 ? '+' : value < 0 ? '−' : '±'}${words}`
  return (
    <>
      <div data-said>
        <Answer {...modelAnswer(changes, darker, heldName)} />
      </div>
      <p className="mb-3 text-sm">
        △ A model, not a photograph: made from the plate’s picture and the settings, to see which way a change
        goes. How far it goes, a proof says.
      </p>
      {problem && (
        <p role="alert" className="mb-3 font-semibold text-signal">
          ◆ {problem}
        </p>
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        {(
          [
            ['held', `As ${heldName}`],
            ['tried', 'With what is tried'],
          ] as const
        ).map(([id, words]) => (
          <figure key={id}>
            {pictures[id] ? (
              <PixelCanvas
                picture={pictures[id]}
                alt={`Simulated print, ${words.toLowerCase()}`}
                style={AT_ONE_LOOK}
              />
            ) : (
              <p
                className="grid aspect-[6/5] place-items-center bg-raised text-sm text-muted"
                style={{ maxHeight: AT_ONE_LOOK.maxHeight }}
              >
                Printing…
              </p>
            )}
            <figcaption className="mt-1 text-sm">{words}</figcaption>
          </figure>
        ))}
      </div>
      <div className="grid gap-x-8 lg:grid-cols-2">
        <div>
          {toMm(scale, settings.press.readingLeft) === null ? (
            <p className="my-2 text-sm text-muted">
              Nobody measured how far this press moves, so the model cannot try another pressure.
            </p>
          ) : (
            <>
              <Slider
                label={`${sideNames(scale).both} ${movedWords(scale, tried.pressure, 'as set')}`}
                min={-TRIED_STEPS}
                max={TRIED_STEPS}
                step={FINE}
                value={tried.pressure}
                onValue={(pressure) => set({ pressure })}
              />
              {scale.sides === 2 && (
                <Slider
                  label={`${sideNames(scale).right} ${movedWords(scale, tried.right, 'as the left')}`}
                  min={-TRIED_STEPS}
                  max={TRIED_STEPS}
                  step={FINE}
                  value={tried.right}
                  onValue={(right) => set({ right })}
                />
              )}
            </>
          )}
          <Slider
            label={`Wiping ${formatNumber(wipingSeconds(settings.wipe), 0)} s`}
            min={0.5}
            max={2}
            step={0.05}
            value={tried.wiping}
            onValue={(wiping) => set({ wiping })}
          />
          <SelectField
            label="Plate tone"
            value={tried.plateTone ?? bench.wipe.plateTone}
            options={Object.entries(PLATE_TONES)}
            onPick={(plateTone) => set({ plateTone: plateTone as PlateTone })}
          />
        </div>
        <div>
          <Slider
            label={`Moisture ${signed(tried.uptake, `${Math.abs(tried.uptake)} %`)}`}
            min={-30}
            max={30}
            step={1}
            value={tried.uptake}
            onValue={(uptake) => set({ uptake })}
          />
          <Slider
            label={`Thin oil ${signed(tried.drops, `${Math.abs(tried.drops)} drops`)}`}
            min={-6}
            max={10}
            step={1}
            value={tried.drops}
            onValue={(drops) => set({ drops })}
          />
          <Slider
            label={`Plate ${signed(tried.plateC, formatCelsiusStep(Math.abs(tried.plateC)))}`}
            min={-15}
            max={15}
            step={1}
            value={tried.plateC}
            onValue={(plateC) => set({ plateC })}
          />
          <Button className="mt-2" onClick={() => setTried(AS_THE_BENCH)}>
            Back to the bench
          </Button>
        </div>
      </div>
      <section aria-label="What differs from the other print" className="mt-3 border-t border-line pt-2">
        <h2 className="station-title">Against {heldName}</h2>
        {changes.length === 0 ? (
          <p>Nothing is set otherwise.</p>
        ) : (
          <ul>
            {changes.map(({ key, words, wayBack }) => (
              <li key={key} className="border-b border-line py-1">
                <b>{words}</b> <span className="text-sm text-muted">way back: {wayBack.text}</span>
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  )
}
