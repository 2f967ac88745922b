'use client'

import type { ShelvedThing } from '@/core/units/onShelf'
import { saidDayOf } from '@/core/units/moment'
import type { LayThing } from '@/data/shop/shelves'
import { Button } from '@/ui/Button'
import { useZone } from '@/ui/ViewerZone'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { layThingAction } from './actions'

/** What becomes of things that are put away, by shelf and id: the moment one goes for good; null: it stays. */
export type Going = Readonly<Record<string, string | null>>

/** Puts a thing away, or back on its shelf, and says what becomes of it. */
export function PutAway({
  shelf,
  thing: { id, name, putAwayAt },
  going,
}: {
  shelf: LayThing['shelf']
  thing: ShelvedThing & { name: string }
  going: Going
}) {
  const zone = useZone()
  const { busy, problems, act } = useAct()
  const goes = going[`${shelf} ${id}`]
  const words = putAwayAt ? 'Back on the shelf' : 'Put away'
  return (
    <span className="text-sm">
      {putAwayAt && (
        <span className="mr-2 text-muted">
          {goes
            ? `nothing names it: it goes for good on ${saidDayOf(goes, zone)}`
            : 'jobs or books name it: it stays'}
        </span>
      )}
      <Button
        look="quiet"
        disabled={busy}
        aria-label={`${name}: ${words.toLowerCase()}`}
        onClick={() => void act(() => sendAct(layThingAction, { shelf, thing: id, isAway: !putAwayAt }))}
      >
        {words}
      </Button>
      <Problems problems={problems} />
    </span>
  )
}
