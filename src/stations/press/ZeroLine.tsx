'use client'

import { formatFine } from '@/core/units/quantity'
import Link from 'next/link'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import type { StorePress } from '@/data/shop/store'

/** What a turn is worth on a press, when it was last zeroed, and the way to its card. */
export function ZeroLine({ press }: { press: StorePress }) {
  const zone = useZone()
  return (
    <>
      One turn is {formatFine(press.mmPerTurn, 3)} ({press.thread}). Zero is both sides touching the bare bed
      {press.zeroedAt ? `, last set ${saidDayOf(press.zeroedAt, zone)}.` : ': not recorded yet.'}{' '}
      <Link
        href={`/store/presses/${press.id}`}
        className="inline-flex min-h-11 items-center underline underline-offset-4"
      >
        Card and zeroing of {press.name.toLowerCase()}
      </Link>
    </>
  )
}
