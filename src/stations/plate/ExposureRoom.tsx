'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { exposureProcedure, type Exposures } from '@/core/plate/exposurePlan'
import { PLATE_KINDS } from '@/core/plate/plate'
import { clock } from '@/core/units/clock'
import { saidDayOf } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { usePatched } from '@/ui/usePatched'
import { useZone } from '@/ui/ViewerZone'
import { sendAct } from '../across/act/sendAct'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PlateCaution } from '../across/bench/cautions'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { exposureAnswer, readExposure, screenWords, UNEXPOSED, type WedgeField } from './exposureBench'
import { PlateRooms } from './PlateRooms'
import { beginMakingAction } from './roomActions'
import { useArtworkReading } from './useArtworkReading'

const WEDGE: readonly { field: WedgeField; label: string; unit?: string; digits?: number }[] = [
  { field: 'seconds', label: 'Wedge exposed for', unit: 's' },
  { field: 'held', label: 'Last step that held', digits: 0 },
  { field: 'wanted', label: 'Step wanted', digits: 0 },
  { field: 'stepDensity', label: 'Density a step', digits: 2 },
]

/** From a step wedge to a plate under way: how long under the screen, the film and without either, by the artwork's own blacks. */
export function ExposureRoom({ last }: { last: (Exposures & { title: string; at: string }) | null }) {
  const job = useJob()
  const { plate } = useBench()
  const zone = useZone()
  const router = useRouter()
  const person = usePerson()
  const [bench, change] = usePatched(() => UNEXPOSED)
  const [unsent, setUnsent] = useState<string | null>(null)
  const reading = useArtworkReading()
  const widest = reading?.widestDarkMm ?? null
  const { times, hasScreen, problemAt: wedgeProblem, screenProblem } = readExposure(bench, widest)
  const { busy, problems, act } = useAct()
  const begin = async (exposures: Exposures) => {
    const id = unsent ?? crypto.randomUUID()
    setUnsent(id)
    const asked = { jobId: job.id, id, procedure: exposureProcedure(exposures), by: person }
    if (await act(() => sendAct(beginMakingAction, asked))) router.push(`/jobs/${job.slug}/plate/making`)
  }
  if (plate && !PLATE_KINDS[plate.kind].isExposed)
    return (
      <Panel
        rooms={<PlateRooms />}
        title="Plate"
        answer={{
          says: 'Nothing on this plate is exposed',
          because: `It is ${PLATE_KINDS[plate.kind].label.toLowerCase()}: light hardens photopolymer only.`,
          asks: { words: 'Go to its making', page: `/jobs/${job.slug}/plate/making` },
        }}
      />
    )
  return (
    <Panel rooms={<PlateRooms />} title="Plate" answer={exposureAnswer(times, bench)}>
      <PlateCaution kind="photopolymer" />
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Step wedge" className="grid content-start gap-3">
          <h2 className="station-title">Step wedge</h2>
          <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-4">
            {WEDGE.map(({ field, label, unit, digits }) => (
              <NumberField
                key={field}
                label={label}
                unit={unit}
                digits={digits}
                anchor={`wedge-${field}`}
                value={bench[field]}
                onValue={(value) => change({ [field]: value })}
                problem={wedgeProblem(field)}
              />
            ))}
          </div>
          {last && (
            <p className="text-sm">
              The last plate exposed here, {last.title} ({saidDayOf(last.at, zone)}):{' '}
              {last.screenSeconds !== null && `screen ${clock(last.screenSeconds)}, `}image{' '}
              {clock(last.imageSeconds)}.{' '}
              <Button
                look="quiet"
                onClick={() =>
                  change({
                    seconds: last.imageSeconds,
                    held: bench.wanted,
                    wantsScreen: last.screenSeconds !== null,
                    screenSeconds: last.screenSeconds,
                  })
                }
              >
                Expose as then
              </Button>
            </p>
          )}
        </section>
        <section aria-label="Screen" className="grid content-start gap-3">
          <h2 className="station-title">Screen before the image</h2>
          <p data-said>{screenWords(widest)}</p>
          <Check
            label="Expose the screen first"
            checked={hasScreen}
            onCheck={(wantsScreen) => change({ wantsScreen })}
          />
          {hasScreen && (
            <NumberField
              label="Its own darkest strip"
              unit="s"
              value={bench.screenSeconds}
              onValue={(screenSeconds) => change({ screenSeconds })}
              problem={screenProblem}
              hint={bench.screenSeconds === null ? 'left empty: as long as the image' : undefined}
              className="max-w-56"
            />
          )}
        </section>
      </div>
      {times && (
        <section aria-label="Begin" className="mt-6 grid gap-3 border-t border-line pt-3 sm:max-w-md">
          <PersonField did="Made by" problem={problemAt(problems, 'by')} />
          <Problems problems={problems} except={['by']} />
          <MainAct>
            <Button look="main" disabled={busy} onClick={() => void begin(times)}>
              Begin the plate with these times
            </Button>
          </MainAct>
        </section>
      )}
    </Panel>
  )
}
