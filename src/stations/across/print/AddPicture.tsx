'use client'

import { useState } from 'react'
import type { Pull, PullEvent } from '@/core/edition/pull'
import { Button } from '@/ui/Button'
import { sendAct } from '../act/sendAct'
import { useJob } from '../bench/BenchContext'
import { modelScanAction } from '../match/actions'
import { PictureField } from '../picture/PictureField'

/** Offers a picture of a print that has none: photographed, or printed by our model to try it out. */
export function AddPicture({
  pull,
  name,
  busy,
  onAdd,
}: {
  pull: Pick<Pull, 'id'>
  /** of the print, within a sentence */
  name: string
  busy: boolean
  onAdd: (events: PullEvent[]) => Promise<boolean>
}) {
  const { slug } = useJob()
  const [isPrinting, setPrinting] = useState(false)
  const [problem, setProblem] = useState<string>()
  const add = async (imageId: string, isModel: boolean) => {
    const added = await onAdd([
      {
        kind: 'scan',
        scan: { imageId, taken: isModel ? 'model' : 'camera', dry: isModel, corners: null },
      },
    ])
    setProblem(
      added ? undefined : 'The picture is not on the print yet: mend what is said above, then take it again.',
    )
  }
  const simulate = async () => {
    setPrinting(true)
    const answered = await sendAct(modelScanAction, { slug, pullId: pull.id })
    if (answered.ok) await add(answered.id, true)
    else setProblem(answered.problems[0].message)
    setPrinting(false)
  }
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <PictureField
        label={`Picture of ${name}`}
        problem={problem}
        hint=": the whole sheet, something darker round it."
        onPicture={({ id }) => add(id, false)}
      />
      <Button look="quiet" disabled={busy || isPrinting} onClick={() => void simulate()}>
        {isPrinting ? 'Printing the model…' : 'Simulated picture, to try it out'}
      </Button>
    </div>
  )
}
