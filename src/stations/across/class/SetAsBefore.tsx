'use client'

import type { Pull } from '@/core/edition/pull'
import { pressAsStarted, startOfKind, type Maker } from '@/core/edition/roster'
import { PLATE_KINDS } from '@/core/plate/plate'
import { middleReading, type PressSetting } from '@/core/press/pressSetting'
import { readingWords } from '@/core/press/pressureScale'
import type { Bench } from '@/core/prove/settings'
import { Button } from '@/ui/Button'
import { sendAct } from '../act/sendAct'
import { saveStationAction } from '../bench/actions'
import { useBench, useSend } from '../bench/BenchContext'
import { useAct } from '../bench/useAct'
import { Problems } from '../pull/Problems'

/** What the press is set to for a maker's plate, as the last of its kind printed well; null: it stands so, or none was printed. */
function startFor(maker: Maker, { plate, press }: Bench, pulls: readonly Pull[]): PressSetting | null {
  const kind = maker.kind ?? plate?.kind
  const start = kind && startOfKind(kind, pulls)
  return start && press ? pressAsStarted(press, start) : null
}

/** Where a kind of plate begins, where it printed in this class before by another reading than stands now. */
export function startWords(maker: Maker, { plate, press }: Bench, pulls: readonly Pull[]): string {
  const kind = maker.kind ?? plate?.kind
  const start = kind && startOfKind(kind, pulls)
  return start && press && start.reading !== middleReading(press)
    ? `as the last of ${PLATE_KINDS[kind].label.toLowerCase()}: ${readingWords(start.press.scale, start.reading)}`
    : ''
}

/** Sets the press to what a maker's kind of plate printed well by, where it stands otherwise: the next plate of it begins there. */
export function SetAsBefore({ maker, pulls }: { maker: Maker; pulls: readonly Pull[] }) {
  const bench = useBench()
  const { send, show } = useSend()
  const { busy, problems, act } = useAct()
  const press = startFor(maker, bench, pulls)
  if (!press) return null
  const set = () =>
    act(async () => {
      const answer = await send((target) =>
        sendAct(saveStationAction, {
          ...target,
          station: 'press',
          value: press,
          origins: { readingLeft: 'carried', readingRight: 'carried', laterPasses: 'carried' },
        }),
      )
      if (answer.ok) show({ press }, true)
      return answer
    })
  return (
    <div className="mb-2">
      <Button disabled={busy} onClick={() => void set()}>
        Set the press {startWords(maker, bench, pulls)}
      </Button>
      <Problems problems={problems} />
    </div>
  )
}
