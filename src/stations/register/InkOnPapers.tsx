'use client'

import Link from 'next/link'
import { useMemo, useState } from 'react'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { thinOver } from '@/core/paper/thinOver'
import type { StoreInk } from '@/data/shop/inks'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { useBench } from '../across/bench/BenchContext'
import { mixOnPapers } from '../ink/mixOnPapers'
import { PaperRows } from '../ink/OnEachPaper'
import type { ThinPaper } from './collePiece'

/** The papers as they look stuck onto the sheet, which stays as it is; onto ordinary rag where no sheet is chosen. */
function onTheSheet(papers: readonly ThinPaper[], sheetId: string | undefined): ThinPaper[] {
  const ground = papers.find(({ id }) => id === sheetId)?.reflectance ?? RAG_WHITE
  return papers.map((one) => (one.id === sheetId ? one : { ...one, reflectance: thinOver(one, ground) }))
}

/** What the ink does on each paper a piece could be cut from, beside the sheet: chosen by eye before the paste is out. */
export function InkOnPapers({
  inks,
  papers,
  chosenId,
  onChoose,
}: {
  inks: StoreInk[]
  papers: ThinPaper[]
  /** id of the paper it is cut from now; null: none of them */
  chosenId: string | null
  onChoose: (paper: ThinPaper) => void
}) {
  const { ink, paper } = useBench()
  const [mixId, setMixId] = useState('')
  const mixes = ink?.mixes ?? []
  const mix = mixes.find(({ id }) => id === mixId) ?? mixes[0]
  const meantFor = chosenId ?? paper?.paperId ?? papers[0]?.id ?? ''
  const rows = useMemo(
    () => (mix ? mixOnPapers(mix.parts, inks, onTheSheet(papers, paper?.paperId), meantFor) : []),
    [mix, inks, papers, paper?.paperId, meantFor],
  )
  if (rows.length < 2) return null
  const taken = papers.filter(({ colourFrom }) => colourFrom === 'taken')
  return (
    <section aria-label="The ink on each paper" className="border-t border-line pt-3">
      <h2 className="station-title mb-2">The ink on each paper</h2>
      {mixes.length > 1 && (
        <SelectField
          label="Ink"
          value={mix.id}
          options={mixes.map(({ id, name }) => [id, name])}
          onPick={setMixId}
          className="mb-2 max-w-72"
        />
      )}
      <PaperRows
        rows={rows}
        act={({ id, name }) =>
          id === chosenId ? (
            <span className="text-sm">cut from this</span>
          ) : (
            <Button
              aria-label={`Cut from ${name}`}
              onClick={() => onChoose(papers.find((one) => one.id === id)!)}
            >
              {id === paper?.paperId ? 'The sheet itself' : 'Cut from this'}
            </Button>
          )
        }
      />
      {taken.length > 0 && (
        <p className="mt-1 text-sm">
          ◆ Taken as ordinary rag, until their colour is set:{' '}
          {taken.map(({ id, name }) => (
            <Link
              key={id}
              href={`/store/papers/${id}`}
              className="mr-3 inline-flex min-h-6 underline underline-offset-4"
            >
              {name}
            </Link>
          ))}
        </p>
      )}
      <p className="mt-1 text-sm text-muted">
        By each paper’s colour and weight in the stockroom, over the sheet: a tissue lets it show through.
        Pasted down, a little more of it shows.
      </p>
    </section>
  )
}
