'use client'

import { usePathname } from 'next/navigation'
import { useEffect, useState } from 'react'
import { createPortal } from 'react-dom'
import { FirstLine } from '@/ui/FirstLine'
import { useFootOfWork } from '@/ui/footOfWork'
import { usePerson } from '../person/usePerson'
import { ROOM_LINES, roomAt } from './roomLines'
import { useFirstLines } from './useFirstLines'

/** Whether somebody is in a room for the first time at this device; that they were is kept. */
function isFirstIn(room: string, person: string): boolean {
  const key = `typothesis-been-${room}-${person.trim()}`
  try {
    const isFirst = localStorage.getItem(key) === null
    localStorage.setItem(key, 'yes')
    return isFirst
  } catch {
    // Without storage nobody can be told but once; it stands beside the keys all the same.
    return false
  }
}

/** Says what the open room is for, the first time whoever works here is in it. */
export function FirstVisit() {
  const room = roomAt(usePathname())
  const person = usePerson()
  const foot = useFootOfWork()
  const [says] = useFirstLines()
  const [first, setFirst] = useState<string | null>(null)
  const mayBeSaid = says && foot !== null
  useEffect(() => {
    // Once the page stands, and for the person as the device knows them by then.
    const soon = setTimeout(() => mayBeSaid && room && isFirstIn(room, person) && setFirst(room))
    return () => clearTimeout(soon)
  }, [mayBeSaid, room, person])
  if (!says || !foot || room === null || first !== room) return null
  return createPortal(<FirstLine text={ROOM_LINES[room]} onClose={() => setFirst(null)} />, foot)
}
