'use client'

import { useState, type ReactNode } from 'react'
import { Answer, type RoomAnswer } from './Answer'
import { CautionMarks } from './CautionMarks'
import { setFootOfWork } from './footOfWork'
import { MainActRoom } from './MainAct'

/**
 * The debossed field of the open instrument, like a plate's emboss in damp paper; nothing else is boxed. Over it one strip: the rooms, and
 * what is said of the whole. At a bench the open station bears its name in the bar, so that the title is for those who listen only.
 */
export function Panel({
  title,
  rooms,
  aside,
  answer,
  act,
  saysItself = false,
  children,
  className = '',
}: {
  title: string
  /** the rooms of a station */
  rooms?: ReactNode
  aside?: ReactNode
  /** the sentence it opens with */
  answer?: RoomAnswer
  /** the one act it is for, beside the answer */
  act?: ReactNode
  /** it needs no word of what it is for */
  saysItself?: boolean
  children?: ReactNode
  className?: string
}) {
  const [marks, setMarks] = useState<HTMLElement | null>(null)
  const [over, setOver] = useState<HTMLElement | null>(null)
  return (
    <section aria-label={title} className={`print:bg-white ${className}`}>
      <div className="flex min-h-11 flex-wrap items-center justify-between gap-x-6 gap-y-1 px-1 group-data-bench/bench:text-sm">
        <h1 className="station-title text-xl group-data-bench/bench:sr-only">{title}</h1>
        {rooms}
        <span className="ml-auto flex flex-wrap items-center gap-x-4">
          <span ref={setMarks} className="flex flex-wrap gap-x-3 text-muted" />
          {aside}
        </span>
      </div>
      <div className="flex flex-col rounded-[3px] bg-field px-4 pt-3 pb-4 shadow-deboss print:bg-white print:p-0 print:shadow-none">
        <MainActRoom>
          {answer && <Answer {...answer} act={act} />}
          {/* Read first, and laid over the foot of the work: it takes no room from what is done. */}
          <div data-cautions className="sticky bottom-0 z-10 order-last print:static">
            <div ref={setOver} />
            {saysItself ? null : <div ref={setFootOfWork} />}
          </div>
          <div className="min-w-0">
            <CautionMarks marks={marks} over={over}>
              {children}
            </CautionMarks>
          </div>
        </MainActRoom>
      </div>
    </section>
  )
}
