'use client'

import Link from 'next/link'
import { firstPrint } from '@/core/prove/firstPrint'
import { isHandKind, type PressKind } from '@/core/press/pressKind'
import { STATIONS, type SettingStation } from '@/core/prove/settings'
import { useBench, useJob } from '../bench/BenchContext'
import { CautionAtAct } from '../bench/cautions'
import { usePressKind } from '../bench/usePressKind'

/** What can hurt at an act. @param kind of the press; null: not known */
function cautionsAt(
  station: SettingStation,
  kind: PressKind | null,
): readonly ('hotplate' | 'wipe' | 'press' | 'kitchen')[] {
  if (station === 'ink') return ['hotplate']
  if (station === 'wipe') return ['wipe']
  if (station !== 'press' || (kind && isHandKind(kind))) return []
  return kind === 'kitchen-roller' ? ['kitchen', 'press'] : ['press']
}

/**
 * The first print of a job, act by act with the figures of its bench, from the sheet in the water to the roller: a list to stand beside,
 * not a form. It is gone with the first pull; each act leads to the station where it is set otherwise.
 */
export function FirstPrint() {
  const job = useJob()
  const bench = useBench()
  const kind = usePressKind()
  const steps = firstPrint(bench)
  return (
    <section aria-label="Your first print, act by act" className="mt-4">
      <ol className="max-w-3xl">
        {steps.map(({ station, act, how, isUsual }, at) => (
          <li
            key={station}
            className="grid grid-cols-[2rem_minmax(0,1fr)_auto] items-baseline gap-x-2 border-t border-line py-2"
          >
            <span className="text-muted">{at + 1}</span>
            <span>
              <b className="block">
                {isUsual ? '△ ' : ''}
                {act}
              </b>
              <span className="text-sm">{how}</span>
              {cautionsAt(station, kind).map((name) => (
                <CautionAtAct key={name} name={name} />
              ))}
            </span>
            <Link
              href={`/jobs/${job.slug}/${station}`}
              className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
            >
              {STATIONS[station]}
            </Link>
          </li>
        ))}
        <li className="grid grid-cols-[2rem_minmax(0,1fr)] items-baseline gap-x-2 border-t border-line py-2">
          <span className="text-muted">{steps.length + 1}</span>
          <span>
            <b className="block">Pull, lift the sheet by two corners, and say what you see</b>
            <span className="text-sm">
              Press the button above as you pull: it notes the time and all of this.
            </span>
          </span>
        </li>
      </ol>
      {steps.some(({ isUsual }) => isUsual) && (
        <p className="text-sm text-muted">△ As is usual: nobody set it. It stays marked so in the record.</p>
      )}
    </section>
  )
}
