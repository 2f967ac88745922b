'use client'

import { useOffline } from './useOffline'
import type { DeskHandle } from './useDesk'
import { pullsWaiting } from './deskMemory'
import { toPutRight } from './correctEntry'

/** Where what was done here stands: with the server, on this device, or nowhere; and whether the desk opens without the server. */
export function DeskStanding({
  handle: { memory, connection, isKept, alarm },
}: {
  handle: Pick<DeskHandle, 'memory' | 'connection' | 'isKept' | 'alarm'>
}) {
  const offline = useOffline()
  const waiting = pullsWaiting(memory.queue)
  const refused = toPutRight(memory.queue).length
  const away = connection === 'away' ? '◆ Offline: ' : ''
  const words = () => {
    if (waiting === 0 && refused > 0) return `◆ ${refused} refused by the server, saved on this device`
    if (waiting === 0) return away ? '◆ Offline, nothing waiting' : 'All saved'
    if (isKept) return `${away}${waiting} saved on this device, waiting for the server`
    return alarm ? `◆ ${waiting} on this page only` : `${away}${waiting} being written down…`
  }
  return (
    <>
      <p data-said className="ml-auto font-medium">
        {words()}
      </p>
      {alarm && (
        <p
          role="alert"
          className="order-last basis-full border-2 border-signal p-2 text-lg font-medium text-signal"
        >
          ◆ This device keeps nothing: {alarm}.{' '}
          {connection === 'there'
            ? 'Each pull goes to the server at once; what it has not taken is lost with this page.'
            : 'Leave this page open, and write on paper what you pull.'}
        </p>
      )}
      {offline.opens === false && (
        <p className="order-last basis-full">
          ◆ This desk cannot be opened without the server: {offline.why}. Leave this page open while you pull.
        </p>
      )}
      {offline.opens && (
        <p className="sr-only" data-opens-alone>
          This desk opens without the server too.
        </p>
      )}
    </>
  )
}
