'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState, useSyncExternalStore } from 'react'
import { Button, buttonClass } from '@/ui/Button'
import { ShortcutList } from '@/ui/ShortcutList'
import { ThemeSwitch } from '@/ui/ThemeSwitch'
import { deskOf, jobIn } from './deskAddress'
import { knownDesks } from './deskStore'
import { jobsForDesks } from './deskTalk'
import { openDesk, type OpenedDesk } from './openDesk'
import { useOnlyWindow } from './useOnlyWindow'

const DeskAtWork = dynamic(() => import('./DeskAtWork'), { ssr: false })

/** Left for by a whole page, and never by parts of one, which need the server. */
const WORKSHOP = '/'

const listen = (told: () => void) => {
  window.addEventListener('hashchange', told)
  return () => window.removeEventListener('hashchange', told)
}

/** What is read once; null until then. @param read must be the same at every call @param fallback when it fails */
function useRead<Result>(read: () => Promise<Result>, fallback: Result): Result | null {
  const [result, setResult] = useState<Result | null>(null)
  useEffect(() => {
    let isGone = false
    const tell = (known: Result) => {
      if (!isGone) setResult(known)
    }
    read().then(tell, () => tell(fallback))
    return () => {
      isGone = true
    }
  }, [read, fallback])
  return result
}

const NO_DESKS: Awaited<ReturnType<typeof knownDesks>> = []
const NO_JOBS: Awaited<ReturnType<typeof jobsForDesks>> = []

/** The desks this device knows and those it may open, where the address names none or one that cannot be opened. */
function KnownDesks() {
  const desks = useRead(knownDesks, NO_DESKS)
  const jobs = useRead(jobsForDesks, NO_JOBS)
  if (!desks) return null
  const others = (jobs ?? []).filter(({ slug }) => desks.every((known) => known.slug !== slug))
  return (
    <section aria-label="Desks on this device" className="mt-4 grid gap-4">
      {desks.length === 0 ? (
        <p>
          No desk was opened on this device yet.
          {others.length === 0 && ' A desk opens from the Edition station of its job.'}
        </p>
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
      {others.length > 0 && (
        <div>
          <h2 className="station-title mb-2">Open the desk of a job</h2>
          <ul className="flex flex-wrap gap-2">
            {others.map(({ slug, title, artist }) => (
              <li key={slug}>
                <a href={deskOf(slug)} className={buttonClass('plain', 'min-h-14')}>
                  {title}, {artist}
                </a>
              </li>
            ))}
          </ul>
        </div>
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
