'use client'

import { useState } from 'react'
import type { PictureSource } from '@/core/document/pictureSource'
import { TAKEN, type Scan } from '@/core/match/scan'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { PictureField } from '../picture/PictureField'
import { GreyStripLink } from './GreyStripLink'

/** Asks for the picture of an impression: how it was taken first, since a wet print never goes on the scanner. */
export function ScanField({
  what,
  dry,
  problem,
  onScan,
  onModel,
}: {
  what: string
  dry: boolean
  problem?: string
  /** answers whether it is on the print */ onScan: (scan: Scan) => Promise<boolean>
  /** prints and scans it by our model; answers its picture, or what is in the way */ onModel: () => Promise<
    { id: string } | { message: string }
  >
}) {
  const [taken, setTaken] = useState<Scan['taken']>(dry ? 'scanner' : 'camera')
  const [busy, setBusy] = useState(false)
  const [said, setSaid] = useState<string>()
  /** @param source what the file says of its device: one that says how it was exposed is a camera's, whatever was said */
  const put = async (imageId: string, source: PictureSource | null = null) =>
    setSaid(
      (await onScan({
        imageId,
        taken: dry && !source?.isCamera ? taken : 'camera',
        dry,
        corners: null,
        device: source?.device ?? null,
      }))
        ? undefined
        : 'The picture is not on the print yet: mend what is said above, then take it again.',
    )
  const printModel = async () => {
    setBusy(true)
    const printed = await onModel()
    if ('message' in printed) setSaid(printed.message)
    else await put(printed.id)
    setBusy(false)
  }
  return (
    <div className="grid gap-2">
      {dry ? (
        <Choice
          label={`How ${what} was taken`}
          value={taken}
          options={Object.entries(TAKEN) as [Scan['taken'], string][]}
          onPick={setTaken}
        />
      ) : (
        <p className="text-sm">
          A wet print never goes on the scanner: photograph it from above, the whole sheet on something dark.
        </p>
      )}
      {dry && taken === 'model' ? (
        <>
          <p className="text-sm">
            No scanner at hand: our model prints this impression from the plate’s picture and its settings,
            and scans it. For trying out; it is not the print.
          </p>
          <Button disabled={busy} onClick={() => void printModel()}>
            {busy ? 'Printing the model…' : `Scan ${what} (simulated)`}
          </Button>
          {(said ?? problem) && (
            <p role="alert" className="text-signal">
              {said ?? problem}
            </p>
          )}
        </>
      ) : (
        <>
          <PictureField
            label={`Picture of ${what}`}
            problem={said ?? problem}
            hint={
              dry && taken === 'scanner'
                ? ': the whole sheet, something darker round it. Of a sheet larger than the glass: the plate and one corner, the same each time.'
                : ': the whole sheet, something darker round it.'
            }
            className="max-w-96"
            onPicture={({ id, source }) => put(id, source)}
          />
          <p className="text-sm">
            Pictures from two devices: lay the grey strip beside the sheet in both. <GreyStripLink />
          </p>
        </>
      )}
    </div>
  )
}
