'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { useJob } from './BenchContext'

/** The rooms of a station, in the order people walk through them; the open one stands out. The first has no address of its own. */
export function RoomNav({
  station,
  label,
  rooms,
}: {
  station: string
  label: string
  rooms: readonly (readonly [room: string, name: string])[]
}) {
  const job = useJob()
  const open = usePathname().split('/')[4] ?? ''
  return (
    <nav aria-label={label} className="screen-only flex flex-wrap gap-x-5">
      {rooms.map(([room, name]) => (
        <Link
          key={room}
          href={`/jobs/${job.slug}/${station}${room && `/${room}`}`}
          aria-current={room === open ? 'page' : undefined}
          className={`inline-flex min-h-11 items-center border-b-2 ${room === open ? 'border-text font-semibold' : 'border-transparent'}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  )
}
