'use client'

import { useMemo, type ReactNode } from 'react'
import type { MixSetting } from '@/core/ink/mix'
import { formatNumber } from '@/core/units/length'
import type { StoreInk } from '@/data/shop/inks'
import type { StorePaper } from '@/data/shop/store'
import { Folded } from '@/ui/Folded'
import { mixOnPapers, type OnPaper } from './mixOnPapers'
import { Swatch } from './Swatch'

/** How the middle film looks there beside the paper it is meant for. */
function besideWords({ lighter, deltaE00 }: OnPaper): string {
  if (deltaE00 < 0.05) return 'as it is meant'
  const by =
    Math.abs(lighter) < 0.5
      ? 'as light'
      : `${formatNumber(Math.abs(lighter), 1)} L* ${lighter > 0 ? 'lighter' : 'darker'}`
  return `${by}, ΔE ${formatNumber(deltaE00, 1)}`
}

/** The mix side by side on every paper there is, so that a paper is chosen before it is torn. */
export function OnEachPaper({
  parts,
  inks,
  papers,
  meantFor,
}: {
  parts: MixSetting['parts']
  inks: StoreInk[]
  papers: StorePaper[]
  /** id of the paper it is meant for */
  meantFor: string
}) {
  const rows = useMemo(() => mixOnPapers(parts, inks, papers, meantFor), [parts, inks, papers, meantFor])
  if (rows.length < 2) return null
  return (
    <Folded summary={`On each of the ${rows.length} papers`} className="mt-2 border-t border-line">
      <PaperRows rows={rows} />
    </Folded>
  )
}

/** A mix on paper after paper: bare, tone, middle and line, and how far it is from what is meant. @param act what can be done with a paper */
export const PaperRows = ({ rows, act }: { rows: readonly OnPaper[]; act?: (row: OnPaper) => ReactNode }) => (
  <ul aria-label="The mix on each paper">
    {rows.map((row) => (
      <li key={row.id} className="flex flex-wrap items-center gap-3 border-b border-line py-1">
        <Swatch
          colours={row.colours}
          label={`${row.name}: paper, plate tone, middle and deep line`}
          className="h-12 w-40"
        />
        <span className="min-w-0 flex-1 basis-28">
          {row.name} <span className="block text-sm text-muted">{besideWords(row)}</span>
        </span>
        {act?.(row)}
      </li>
    ))}
  </ul>
)
