'use client'

import Link from 'next/link'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { isZeroed, zeroWords } from './pressFacts'
import type { StorePress } from '@/data/press/presses'

/** What a turn is worth on a press, when it was last zeroed, and the way to its card. */
export function ZeroLine({ press }: { press: StorePress }) {
  const zone = useZone()
  return (
    <>
      {zeroWords(press, press.zeroedAt && saidDayOf(press.zeroedAt, zone))}{' '}
      <Link
        href={`/store/presses/${press.id}`}
        className="inline-flex min-h-11 items-center underline underline-offset-4"
      >
        {isZeroed(press.scale) ? 'Card and zeroing' : 'Card'} of {press.name.toLowerCase()}
      </Link>
    </>
  )
}
