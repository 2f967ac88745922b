'use client'

import dynamic from 'next/dynamic'
import type { Zone } from '@/core/plate/zoneMap'
import type { ColleSetting } from '@/core/register/chineColle'
import type { StoreInk } from '@/data/shop/inks'
import type { CollagePrint } from '@/data/register/collagePrints'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import type { ThinPaper } from './collePiece'
import { RegisterRooms } from './RegisterRooms'

const ColleBench = dynamic(() => import('./ColleBench'), {
  ssr: false,
  loading: () => (
    <Panel rooms={<RegisterRooms />} title="Register">
      <p className="p-4 text-sm text-muted">Laying the pieces out…</p>
    </Panel>
  ),
})

/** Chine collé: needs a plate to cut its pieces from. */
export function ColleRoom(props: {
  pieces: ColleSetting[]
  zones: Zone[]
  piecesWanted: number
  papers: ThinPaper[]
  prints: CollagePrint[]
  inks: StoreInk[]
}) {
  const job = useJob()
  const { plate } = useBench()
  if (plate) return <ColleBench plate={plate} {...props} />
  return (
    <Panel
      rooms={<RegisterRooms />}
      title="Register"
      answer={{
        says: 'Set the plate first',
        because: 'The piece is cut to it, or to one of its zones.',
        asks: { words: 'Go to the plate', page: `/jobs/${job.slug}/plate` },
      }}
    />
  )
}
