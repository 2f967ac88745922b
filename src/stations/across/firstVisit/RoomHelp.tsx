'use client'

import { usePathname } from 'next/navigation'
import { Check } from '@/ui/Check'
import { ROOM_LINES, roomAt } from './roomLines'
import { useFirstLines } from './useFirstLines'

/** What the open room is for, whenever it is asked. */
export function RoomHelp() {
  const room = roomAt(usePathname())
  const [says, setSays] = useFirstLines()
  return (
    <>
      {room && <p className="mb-2">Here: {ROOM_LINES[room]}</p>}
      <Check label="Say what a room is for at the first visit" checked={says} onCheck={setSays} />
    </>
  )
}
