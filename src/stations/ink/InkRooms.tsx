'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { useBench } from '../bench/BenchContext'

/** Rooms of the ink bench in the order people walk through them. */
const ROOMS = [['', 'Mix'], ['match', 'Match'], ['correct', 'Correct'], ['stiffness', 'Stiffness'], ['amount', 'Amount'], ['card', 'Card']] as const

/** The rooms of the ink bench; the open one stands out. */
export function InkRooms() {
  const { job } = useBench()
  const open = usePathname().split('/')[4] ?? ''
  return (
    <nav aria-label="Ink bench" className="mb-3 flex flex-wrap gap-x-5 border-b border-line">
      {ROOMS.map(([room, name]) => (
        <Link key={room} href={`/jobs/${job.slug}/ink${room && `/${room}`}`} aria-current={room === open ? 'page' : undefined} className={`inline-flex min-h-11 items-center border-b-2 ${room === open ? 'border-text font-semibold' : 'border-transparent'}`}>
          {name}
        </Link>
      ))}
    </nav>
  )
}
