'use client'

import { sheetGrams } from '@/core/paper/dampPaper'
import type { GrowthMarks } from '@/core/paper/growth'
import { Panel } from '@/ui/Panel'
import { useBench } from '../across/bench/BenchContext'
import { useNeed } from '../across/bench/useNeed'
import { GrowthPanel } from './GrowthPanel'
import { PaperRooms } from './PaperRooms'
import { TearPlan } from './TearPlan'

/** The sheet's size at work: how it is torn from its parent, and how it grows when damp. */
export function TearingRoom({ marks }: { marks: GrowthMarks[] }) {
  const { paper } = useBench()
  const need = useNeed()
  const sheet = paper && { widthMm: paper.sheetWidthMm, heightMm: paper.sheetHeightMm }
  return (
    <Panel rooms={<PaperRooms />} title="Paper">
      {paper && sheet ? (
        <>
          <TearPlan piece={sheet} need={need} />
          <GrowthPanel
            paperId={paper.paperId}
            sheet={sheet}
            grain={paper.grain}
            marks={marks}
            secondRunGrams={secondRun(paper)}
          />
        </>
      ) : (
        <p className="border border-line bg-ground p-4">
          Choose the paper and its size first: what is torn and how it grows follow from both.
        </p>
      )}
    </Panel>
  )
}

/** What a sheet weighs when it is damped again as the first time, g. */
function secondRun({
  gsm,
  sheetWidthMm,
  sheetHeightMm,
  targetUptakePercent,
}: {
  gsm: number
  sheetWidthMm: number
  sheetHeightMm: number
  targetUptakePercent: number
}): number {
  return sheetGrams(gsm, sheetWidthMm, sheetHeightMm) * (1 + targetUptakePercent / 100)
}
