'use client'

import { useEffect, useState } from 'react'
import { SHELL_KEPT, type KeepShell } from '@/workers/shellMessages'

/** Whether this desk opens without the server: not known yet, yes, or why not. */
export type Offline = { opens: boolean | null; why: string }

const WORKER = '/desk-worker.js'
/** The browser has so long to put the shell on the device, ms. */
const PATIENCE_MS = 10_000

/** What this page was put together from: all of it must be on the device for the page to open again. */
const partsOfPage = () =>
  performance
    .getEntriesByType('resource')
    .map(({ name }) => new URL(name))
    .filter(({ origin, pathname }) => origin === location.origin && pathname.startsWith('/_next/static/'))
    .map(({ pathname }) => pathname)

async function keepShell(): Promise<void> {
  await navigator.serviceWorker.register(WORKER, { scope: '/desk' })
  const { active } = await navigator.serviceWorker.ready
  const message: KeepShell = { kind: 'keep-shell', parts: [...new Set(partsOfPage())] }
  await new Promise<void>((resolve, reject) => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = ({ data }: MessageEvent<unknown>) => {
      if (data === SHELL_KEPT) resolve()
      else reject(new Error(String(data)))
    }
    active!.postMessage(message, [port2])
  })
}

const tooLate = () =>
  new Promise<never>((_, reject) => {
    setTimeout(
      () => reject(new Error('this browser does not answer when it is asked to keep a page')),
      PATIENCE_MS,
    )
  })

/** Why this page can never be kept; null: it can. */
function whyNever(): string | null {
  if (!window.isSecureContext) return 'it was not reached by a secure address'
  return 'serviceWorker' in navigator ? null : 'this browser keeps no pages'
}

/** Puts the desk's shell on this device, once the page stands, so that it opens and reloads with no server at all. */
export function useOffline(): Offline {
  const [offline, setOffline] = useState<Offline>({ opens: null, why: '' })
  useEffect(() => {
    let isGone = false
    const tell = (next: Offline) => {
      if (!isGone) setOffline(next)
    }
    const never = whyNever()
    const begin = async () => {
      if (never) return tell({ opens: false, why: never })
      try {
        await Promise.race([keepShell(), tooLate()])
        tell({ opens: true, why: '' })
      } catch (error) {
        // A page that came from the device itself is there already.
        if (navigator.serviceWorker.controller) tell({ opens: true, why: '' })
        else tell({ opens: false, why: error instanceof Error ? error.message : String(error) })
      }
    }
    void begin()
    return () => {
      isGone = true
    }
  }, [])
  return offline
}
