'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import type { InkSource } from '@/core/ink/inkTrust'
import type { FieldProblem } from '@/data/database/errors'
import type { NewInk as InkToAdd, StoreInk } from '@/data/shop/inks'
import { TRAY_FILM } from '@/devices/sampleTray'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { MainAct } from '@/ui/MainAct'
import { Panel } from '@/ui/Panel'
import { usePatched } from '@/ui/usePatched'
import { sendAct } from '../../across/act/sendAct'
import { Problems } from '../../across/pull/Problems'
import { ABOUT_FIELDS, AboutInk } from './AboutInk'
import { newInkAnswer } from './answers'
import { addInksAction } from './inkActions'
import { InkPreview } from './InkPreview'
import { DrawdownReadings, PickedColour, READING_FIELDS, TintReadings } from './InkReadings'
import { atFirstInk, fromFilm, inkFrom, openNewInk, readNewInk } from './newInkState'
import { SpectralFileChoice } from './SpectralFileChoice'

const WAYS: readonly (readonly [InkSource, string])[] = [
  ['drawdown', 'drawdown'],
  ['tint', 'masstone and tint'],
  ['file', 'spectral file'],
  ['estimated', 'estimate by eye or photo'],
]

/** Brings an ink in: by drawdown, tint, file or a picked colour; seen before it is kept. */
export function NewInk({ inks }: { inks: StoreInk[] }) {
  const router = useRouter()
  const [state, change] = usePatched(() => openNewInk(inks, TRAY_FILM))
  const [refused, setRefused] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const outcome = useMemo(() => readNewInk(state, inks), [state, inks])
  const problems = [...refused, ...(outcome && !outcome.ok ? outcome.problems : [])]
  const coefficients = outcome?.ok ? outcome.coefficients : null
  const { way } = state

  const add = async (found: InkToAdd[]) => {
    setBusy(true)
    const answer = await sendAct(addInksAction, { inks: found })
    setBusy(false)
    setRefused(answer.ok ? [] : atFirstInk(answer.problems))
    if (answer.ok) router.push('/store')
  }
  const fields = { state, change, problems }

  return (
    <Panel
      title="Add an ink"
      answer={newInkAnswer(state.name, coefficients !== null)}
      aside={
        <Link href="/store" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Back to the stockroom
        </Link>
      }
    >
      <Choice<InkSource>
        label="Source of the colour"
        value={way}
        options={WAYS}
        onPick={(next) => change({ way: next })}
      />
      <div className="mt-4 grid gap-8 xl:grid-cols-2">
        <section aria-label="Readings" className="grid content-start gap-4">
          {way === 'drawdown' && <DrawdownReadings {...fields} />}
          {way === 'tint' && <TintReadings {...fields} inks={inks} />}
          {way === 'estimated' && <PickedColour {...fields} />}
          {way === 'file' && (
            <SpectralFileChoice
              busy={busy}
              onTake={(samples, measured) =>
                void add(
                  samples.map(({ name, reflectance }) =>
                    inkFrom(state, name, fromFilm(reflectance, state.covering, measured)),
                  ),
                )
              }
              covering={state.covering}
              onCovering={(covering) => change({ covering })}
            />
          )}
        </section>
        <section aria-label="About the ink" className="grid content-start gap-3 sm:grid-cols-2">
          <AboutInk {...fields} />
          {coefficients && (
            <div className="sm:col-span-2">
              <InkPreview
                ink={{
                  name: state.name,
                  ...coefficients,
                  source: way,
                  forecastable: state.forecastable,
                }}
              />
            </div>
          )}
          <div className="sm:col-span-2">
            <Problems problems={problems} except={[...ABOUT_FIELDS, ...READING_FIELDS]} />
            {way !== 'file' && (
              <MainAct>
                <Button
                  look="main"
                  disabled={!coefficients || busy}
                  onClick={() => coefficients && void add([inkFrom(state, state.name, coefficients)])}
                >
                  {coefficients ? 'Put it on the shelf' : 'Add the ink'}
                </Button>
              </MainAct>
            )}
          </div>
        </section>
      </div>
    </Panel>
  )
}
