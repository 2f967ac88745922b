'use client'

import { sheetGrams } from '@/core/paper/dampPaper'
import type { GrowthMarks } from '@/core/paper/growth'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { useNeed } from '../across/bench/useNeed'
import { GrowthPanel } from './GrowthPanel'
import { PaperRooms } from './PaperRooms'
import { TearPlan } from './TearPlan'

/** The sheet's size at work: how it is torn from its parent, and how it grows when damp. */
export function TearingRoom({ marks }: { marks: GrowthMarks[] }) {
  const job = useJob()
  const { paper } = useBench()
  const need = useNeed()
  const sheet = paper && { widthMm: paper.sheetWidthMm, heightMm: paper.sheetHeightMm }
  return (
    <Panel
      rooms={<PaperRooms />}
      title="Paper"
      answer={
        sheet
          ? undefined
          : {
              says: 'Choose the paper first',
              because: 'What is torn and how it grows follow from it and its size.',
              asks: { words: 'Go to the sheet', page: `/jobs/${job.slug}/paper` },
            }
      }
    >
      {paper && sheet && (
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
