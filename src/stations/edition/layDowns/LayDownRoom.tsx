'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { LaidInk } from '@/core/edition/layDown'
import type { Pull } from '@/core/edition/pull'
import type { LearnedGhost } from '@/core/ink/ghost'
import { purposeFacts } from '@/core/prove/purpose'
import { stationsWanting } from '@/core/prove/stationsWanting'
import type { StoreInk } from '@/data/shop/inks'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../../across/bench/BenchContext'
import { layDownAnswer, layDownRefusal } from './answers'
import { layDownsOf, openPrint } from './openPrint'
import { FRESH, inksOf, type LayDownBench } from './nextLayDown'
import { NextSide } from './NextSide'
import { PrintSide } from './PrintSide'
import { useLayDown } from './useLayDown'

interface LayDownRoomProps {
  /** prints of the run, oldest first */
  pulls: Pull[]
  /** what lay on the slab last, on whichever print it was laid; null: nothing did */
  onSlab: LaidInk[] | null
  ghost: LearnedGhost
  inks: StoreInk[]
  papers: { id: string; reflectance: number[] }[]
  /** places drawn on the zone map */
  areas: string[]
  /** what a print looked like before its first lay-down, by pull; left out: a fresh sheet */
  pictures: Record<string, string | null>
}

/** A monotype, lay-down by lay-down; or what is in the way of one. */
export function LayDownRoom(props: LayDownRoomProps) {
  const job = useJob()
  const unset = stationsWanting(useBench(), job.purpose)
  const refusal = layDownRefusal(purposeFacts(job.purpose).asksBat, unset, `/jobs/${job.slug}`)
  return refusal ? <Panel title="Lay-downs" answer={refusal} /> : <LayingDown {...props} />
}

/** What lies on the print, what the next lay-down does to it, and what a ghost keeps. */
function LayingDown({ pulls, onSlab, ghost, inks, papers, areas, pictures }: LayDownRoomProps) {
  const job = useJob()
  const { ink, paper } = useBench()
  const [pullId, setPullId] = useState(() => openPrint(pulls))
  const [next, setNext] = useState(FRESH)
  const laying = useLayDown()
  const print = pulls.find(({ id }) => id === pullId) ?? null
  const layDowns = layDownsOf(print)
  const bench: LayDownBench = {
    mixes: ink?.mixes ?? [],
    inks,
    paper: papers.find(({ id }) => id === paper?.paperId)?.reflectance,
    onSlab,
    ghostShare: ghost.share,
  }
  const laid = inksOf(next, bench)
  const record = async () => {
    if (!laid) return
    const { way, tool, marks } = next
    const number = layDowns.length + 1
    const done = await laying.lay(print?.id ?? null, {
      number,
      way,
      tool,
      inks: laid,
      kept: null,
      marks,
      imageId: null,
    })
    if (done === null) return
    setPullId(done)
    setNext(FRESH)
  }
  return (
    <Panel
      title="Lay-downs"
      aside={
        <Link
          href={`/jobs/${job.slug}/edition`}
          className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
        >
          Back to the prints
        </Link>
      }
      answer={layDownAnswer({
        number: layDowns.length + 1,
        print: print?.number ?? null,
        onto: print ? null : job.onto,
        next,
        laid,
        ghost,
      })}
    >
      <div className="grid gap-6 lg:grid-cols-2">
        <PrintSide
          pulls={pulls}
          print={print}
          bench={bench}
          laid={laid}
          laying={laying}
          firstPicture={pictures[pullId] ?? (print ? null : (job.onto?.imageId ?? null))}
          onPrint={setPullId}
        />
        <NextSide
          next={next}
          laid={laid}
          layDowns={layDowns}
          bench={bench}
          areas={areas}
          laying={laying}
          onNext={setNext}
          onLaid={() => void record()}
        />
      </div>
    </Panel>
  )
}
