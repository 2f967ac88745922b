'use client'

import { cropAt, impressionPicture } from '@/core/edition/impressionPicture'
import type { Pull, PullEvent } from '@/core/edition/pull'

import { AddPicture } from '../across/print/AddPicture'
import { CropOfPrint } from '../across/print/CropOfPrint'

/** The width shown of a print, in widths of its plate mark: some paper stands round it. */
const ROUND = 1.2

/** One print with what it is; without a picture, one is asked for. */
function OnePrint({
  pull,
  words,
  name,
  busy,
  onAdd,
}: {
  pull: Pull
  words: string
  /** of the print, within a sentence */
  name: string
  busy: boolean
  onAdd: (events: PullEvent[]) => Promise<boolean>
}) {
  const picture = impressionPicture(pull)
  const { widthMm, heightMm } = pull.settings.plate
  return (
    <figure className="min-w-0">
      {picture ? (
        <CropOfPrint
          imageId={picture.imageId}
          crop={cropAt(picture.plate, [0.5, 0.5], 1 / ROUND)}
          aspect={(widthMm * ROUND) / (heightMm + widthMm * (ROUND - 1))}
          words={words}
        />
      ) : (
        <div className="grid aspect-3/2 w-full content-center bg-ground px-3 py-1 text-sm">
          <AddPicture pull={pull} name={name} busy={busy} onAdd={onAdd} />
        </div>
      )}
      <figcaption className="mt-1 text-sm text-muted">{words}</figcaption>
    </figure>
  )
}

/** The approved proof and the print held to it, side by side: what is judged comes before what is written of it. */
export default function PrintPair({
  bat,
  version,
  print,
  busy,
  onAdd,
}: {
  bat: Pull | null
  /** of the BAT; null: there is none */
  version: number | null
  /** the last pull of the edition; null: none yet */
  print: Pull | null
  busy: boolean
  onAdd: (pullId: string, events: PullEvent[]) => Promise<boolean>
}) {
  return (
    <section
      aria-label={bat ? 'The print beside the BAT' : 'The print'}
      className="grid content-start gap-3 sm:grid-cols-2"
    >
      {bat && (
        <OnePrint
          pull={bat}
          words={`BAT ${version}, proof ${bat.number}`}
          name="the BAT"
          busy={busy}
          onAdd={(events) => onAdd(bat.id, events)}
        />
      )}
      {print && (
        <OnePrint
          key={print.id}
          pull={print}
          words={`Pull ${print.number}`}
          name={`pull ${print.number}`}
          busy={busy}
          onAdd={(events) => onAdd(print.id, events)}
        />
      )}
    </section>
  )
}
