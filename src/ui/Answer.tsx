'use client'

import Link from 'next/link'
import type { ReactNode } from 'react'
import { goToField } from './goToField'
import { useActPlace } from './MainAct'
import { SumList, type SumRows } from './Sum'

/** What a room says first: one sentence that was computed, or what is missing before anything can be said. */
export interface RoomAnswer {
  says: ReactNode
  because?: ReactNode
  /** the sum behind it, line by line: one click away */
  sum?: SumRows
  /** where to go from here: the field that is missing, or the next place */
  asks?: Ask
  /** the named figure the whole sentence is, where it is one */
  figure?: string
}

/** A field to fill, or a place to go. @property anchor the field's @property page where it is, if not here */
export interface Ask {
  words: string
  anchor?: string
  page?: string
}

/** Leads to a field of this page by giving it the keys, to another page by its address. */
function AskLink({ words, anchor, page = '' }: Ask) {
  return (
    <Link
      href={anchor ? `${page}#${anchor}` : page}
      className="inline-flex min-h-6 items-center font-medium text-text underline underline-offset-4"
      onClick={(event) => {
        if (anchor && goToField(anchor)) event.preventDefault()
      }}
    >
      {words}
    </Link>
  )
}

/** A number and its unit stay on one line. */
const together = (words: string): string =>
  words.replace(/(\d) (?=(?:g|kg|mm|cm|min|h|s|ml|µm|oz|D|turns?|°[CF]|%)(?![a-z]))/g, '$1\u00a0')

/** The answer a room opens with, large enough to be read a metre away; its reason beneath, its sum one click away, its act beside it. */
export function Answer({
  says,
  because,
  sum,
  asks,
  figure,
  act,
}: RoomAnswer & {
  /** the one act the room is for */
  act?: ReactNode
}) {
  const place = useActPlace()
  return (
    <div
      data-answer
      className="mb-3 flex flex-wrap items-start justify-between gap-x-6 gap-y-2 border-b border-line pb-3"
    >
      <div className="min-w-0 flex-1 basis-80">
        <p className="answer" data-figure={figure}>
          {typeof says === 'string' ? together(says) : says}
        </p>
        {(because || asks) && (
          <p className="mt-1 text-[0.9375rem] text-muted">
            {because}{' '}
            {asks && (
              <span className="screen-only">
                <AskLink {...asks} />
              </span>
            )}
          </p>
        )}
        {sum && sum.length > 0 && (
          <details className="screen-only text-sm">
            <summary className="-my-2 min-h-11 py-3 text-muted">How this is worked out</summary>
            <SumList rows={sum} className="mt-1" />
          </details>
        )}
      </div>
      <div ref={place} className="screen-only flex flex-wrap items-center gap-3 empty:hidden">
        {act}
      </div>
    </div>
  )
}
