'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState, useSyncExternalStore } from 'react'
import { Button, buttonClass } from '@/ui/Button'
import { ShortcutList } from '@/ui/ShortcutList'
import { ThemeSwitch } from '@/ui/ThemeSwitch'
import { deskOf, jobIn } from './deskAddress'
import { knownDesks } from './deskStore'
import { openDesk, type OpenedDesk } from './openDesk'
import { useOnlyWindow } from './useOnlyWindow'

const DeskAtWork = dynamic(() => import('./DeskAtWork'), { ssr: false })

/** Left for by a whole page, and never by parts of one, which need the server. */
const WORKSHOP = '/'

const listen = (told: () => void) => {
  window.addEventListener('hashchange', told)
  return () => window.removeEventListener('hashchange', told)
}

/** The desks this device knows, where the address names none or one that cannot be opened. */
function KnownDesks() {
  const [desks, setDesks] = useState<Awaited<ReturnType<typeof knownDesks>> | null>(null)
  useEffect(() => {
    let isGone = false
    const tell = (known: Awaited<ReturnType<typeof knownDesks>>) => {
      if (!isGone) setDesks(known)
    }
    knownDesks().then(tell, () => tell([]))
    return () => {
      isGone = true
    }
  }, [])
  if (!desks) return null
  return (
    <section aria-label="Desks on this device" className="mt-4">
      {desks.length === 0 ? (
        <p>No desk was opened on this device yet. A desk opens from the Edition station of its job.</p>
      ) : (
        <ul className="grid gap-2">
          {desks.map(({ slug, title, waiting, refused }) => (
            <li key={slug}>
              <a href={deskOf(slug)} className={buttonClass('plain', 'min-h-14')}>
                {title}
                {waiting > 0 ? `: ${waiting} waiting for the server` : ''}
                {refused > 0 ? `: ${refused} refused` : ''}
              </a>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

/** A page of words in place of a desk, with the way back to the workshop. */
const Words = ({ title, children }: { title: string; children?: React.ReactNode }) => (
  <div className="p-3">
    <p className="screen-only mb-1 flex items-center justify-between gap-4 text-sm">
      <a href={WORKSHOP} className="station-title inline-flex min-h-11 items-center text-base no-underline">
        Typothesis
      </a>
      <span className="flex">
        <ShortcutList />
        <ThemeSwitch />
      </span>
    </p>
    <h1 className="station-title text-2xl">{title}</h1>
    {children}
  </div>
)

function OneDesk({ slug }: { slug: string }) {
  const [opened, setOpened] = useState<OpenedDesk | string | null>(null)
  useEffect(() => {
    let isGone = false
    void openDesk(slug).then((next) => {
      if (!isGone) setOpened(next)
    })
    return () => {
      isGone = true
    }
  }, [slug])
  if (!opened) return <p className="p-6 text-muted">Setting up the desk…</p>
  if (typeof opened === 'string')
    return (
      <Words title="This desk does not open">
        <p role="alert" className="my-3 max-w-[60ch]">
          ◆ {opened}
        </p>
        <KnownDesks />
      </Words>
    )
  return <DeskAtWork {...opened} />
}

function OnlyDesk({ slug }: { slug: string }) {
  const { alone, takeOver } = useOnlyWindow(slug)
  if (alone === 'asking') return <p className="p-6 text-muted">Setting up the desk…</p>
  if (alone === 'another')
    return (
      <Words title="This desk is open in another window">
        <p className="my-3 max-w-[60ch]">
          Two windows of one device would write over one another. Go on in the other one, or take the desk
          over here; what was done there is kept.
        </p>
        <Button look="main" onClick={takeOver}>
          Take it over
        </Button>
      </Words>
    )
  return <OneDesk slug={slug} />
}

/** Which desk it is stands in the address; the rest is read on this device and asked of the server. */
export default function DeskDoor() {
  const slug = jobIn(
    useSyncExternalStore(
      listen,
      () => location.hash,
      () => '',
    ),
  )
  return slug ? (
    <OnlyDesk key={slug} slug={slug} />
  ) : (
    <Words title="Pull desks on this device">
      <KnownDesks />
    </Words>
  )
}
