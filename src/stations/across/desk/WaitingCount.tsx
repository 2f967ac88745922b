'use client'

import { useEffect, useState } from 'react'
import { capital } from '@/core/units/capital'
import { plural } from '@/core/units/counted'
import { WAITING_CHANNEL } from './waitingChannel'

/** Desks that left their memory as one text of the page are counted once they were opened anew. */
const KNOWN = 'typothesis-desk'

interface Waits {
  words: string
  href: string
}

/** What waits at desks of this device, read only where there ever was one. */
async function readWaits(): Promise<Waits | null> {
  const databases = (await indexedDB.databases?.()) ?? [{ name: KNOWN }]
  if (!databases.map(({ name }) => name).includes(KNOWN)) return null
  const [{ knownDesks }, { deskOf }] = await Promise.all([import('./deskStore'), import('./deskAddress')])
  const desks = (await knownDesks()).filter(({ waiting, refused }) => waiting + refused > 0)
  if (desks.length === 0) return null
  const pulls = desks.reduce((sum, { waiting }) => sum + waiting, 0)
  const refused = desks.some((desk) => desk.refused > 0)
  const words = [
    ...(pulls > 0
      ? [`${pulls} ${plural(pulls, 'pull waits', 'pulls wait')} on this device for the server`]
      : []),
    ...(refused ? ['the server refused what a desk here sent'] : []),
  ]
  return { words: capital(words.join('; ')), href: desks.length === 1 ? deskOf(desks[0].slug) : '/desk' }
}

/** How much of what was done at pull desks of this device the server does not have yet, on every page. */
export function WaitingCount() {
  const [waits, setWaits] = useState<Waits | null>(null)
  useEffect(() => {
    let isGone = false
    const read = () =>
      void readWaits()
        .catch(() => null)
        .then((next) => {
          if (!isGone) setWaits(next)
        })
    read()
    const channel = new BroadcastChannel(WAITING_CHANNEL)
    channel.onmessage = read
    document.addEventListener('visibilitychange', read)
    return () => {
      isGone = true
      channel.close()
      document.removeEventListener('visibilitychange', read)
    }
  }, [])
  if (!waits) return null
  return (
    <a
      href={waits.href}
      className="inline-flex min-h-11 items-center font-medium underline underline-offset-4"
    >
      ◆ {waits.words}
    </a>
  )
}
