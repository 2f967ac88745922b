'use client'

import Link from 'next/link'
import { useEffect, useRef } from 'react'
import type { Page } from '@/core/units/page'

const LINK = 'inline-flex min-h-11 items-center underline underline-offset-4'

/** A way to a page beside the open one; null: there is none. */
export type Way = { words: string; href: string } | null

/**
 * Where a page lies in its list, and the ways to those beside it; nothing where all of it is on one page. The focus goes to where the new
 * page lies: the link that was followed may be gone by then.
 */
export function PageLinks({
  label,
  place: { first, last, of },
  ways,
}: {
  /** what is paged, for those who listen */
  label: string
  place: Pick<Page<unknown>, 'first' | 'last' | 'of'>
  ways: readonly [Way, Way]
}) {
  const said = useRef<HTMLSpanElement>(null)
  const followed = useRef(false)
  useEffect(() => {
    if (followed.current) said.current?.focus({ preventScroll: true })
    followed.current = false
  }, [first])
  const open = ways.filter((way) => way !== null)
  if (open.length === 0) return null
  return (
    <nav aria-label={label} className="mt-3 flex flex-wrap items-center gap-x-4 text-sm">
      <span ref={said} tabIndex={-1}>
        {first === last ? first : `${first} to ${last}`} of {of}
      </span>
      {open.map(({ words, href }) => (
        <Link
          key={words}
          href={href}
          scroll={false}
          className={LINK}
          onClick={() => {
            followed.current = true
          }}
        >
          {words}
        </Link>
      ))}
    </nav>
  )
}
