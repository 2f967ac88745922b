'use client'

import { useState } from 'react'
import { useRouter } from 'next/navigation'
import { romanNumeral } from '@/core/plate/plate'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Dialog } from '@/ui/Dialog'
import { Field } from '@/ui/Field'
import { useSend } from '../across/bench/BenchContext'
import { openStateAction, setPictureAction } from './actions'
import { PictureField } from '../across/picture/PictureField'
import type { UploadedPicture } from '../across/picture/uploadPicture'
import { sendAct } from '../across/act/sendAct'

export interface PlatePictureState {
  state: number
  note: string
  openedAt: string
  image: { id: string; widthPx: number; heightPx: number } | null
}

/** A picture whose proportion is further off than this is not of this plate, or is not cropped to it. */
const PROPORTION_TOLERANCE = 0.03

/** The plate as it is and as it prints, side by side at its true proportion; its states; a picture for each. */
export function PlatePicture({
  states,
  size,
  ready,
}: {
  states: PlatePictureState[]
  size: { widthMm: number; heightMm: number } | null
  ready: boolean
}) {
  const { send } = useSend()
  const router = useRouter()
  const [shown, setShown] = useState<number | null>(null)
  const [problem, setProblem] = useState<string>()
  const [note, setNote] = useState('')
  const [opening, setOpening] = useState(false)
  const current = states.find(({ state }) => state === shown) ?? states.at(-1)
  const image = current?.image
  const ratio = size ? size.widthMm / size.heightMm : image ? image.widthPx / image.heightPx : 1.5
  const off = image && size ? image.widthPx / image.heightPx / ratio - 1 : 0

  const show = async ({ id: imageId }: UploadedPicture) => {
    const answer = await send((target) =>
      sendAct(setPictureAction, { ...target, state: current?.state ?? 1, imageId }),
    )
    setProblem(answer.ok ? undefined : answer.problems[0].message)
    if (answer.ok) router.refresh()
  }
  const openNext = async () => {
    const answer = await send((target) => sendAct(openStateAction, { ...target, note }))
    if (!answer.ok) return setProblem(answer.problems[0].message)
    setOpening(false)
    setNote('')
    setShown(null)
  }

  return (
    <div>
      <div className="grid grid-cols-1 gap-4 sm:grid-cols-2">
        {(['plate', 'print'] as const).map((way) => (
          <figure key={way}>
            <div
              className="grid place-items-center overflow-hidden bg-ground"
              style={{ aspectRatio: ratio, maxHeight: '46dvh' }}
            >
              {image ? (
                <img
                  src={`/pictures/${image.id}/view`}
                  alt={
                    way === 'plate' ? 'The plate as it lies' : 'The print: the plate reversed left for right'
                  }
                  className={`size-full object-contain ${way === 'print' ? '-scale-x-100' : ''}`}
                />
              ) : (
                <p className="p-4 text-center text-sm text-muted">
                  {way === 'plate' ? 'No picture of this state yet.' : 'The print reads reversed.'}
                </p>
              )}
            </div>
            <figcaption className="mt-1 text-sm">{way === 'plate' ? 'Plate' : 'Print, reversed'}</figcaption>
          </figure>
        ))}
      </div>
      {Math.abs(off) > PROPORTION_TOLERANCE && (
        <p className="mt-2 text-sm">
          The picture is {Math.round(Math.abs(off) * 100)} % {off > 0 ? 'wider' : 'taller'} than the plate’s
          proportion: crop it to the plate, or check the size.
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        {states.length > 1 && (
          <Choice
            label="State"
            value={String(current?.state ?? '')}
            options={states.map(({ state }) => [String(state), `State ${romanNumeral(state)}`])}
            onPick={(state) => setShown(Number(state))}
          />
        )}
        {states.length === 0 || !ready ? (
          <p className="text-sm text-muted">Set the plate first: then its picture can be taken.</p>
        ) : (
          <PictureField
            label={`Photo of the plate, state ${romanNumeral(current?.state ?? 1)}`}
            problem={problem}
            className="max-w-80"
            onPicture={show}
          />
        )}
        {states.length > 0 && (
          <Dialog
            title={`Open state ${romanNumeral((states.at(-1)?.state ?? 0) + 1)}`}
            open={opening}
            onOpenChange={setOpening}
            trigger={<Button>Start a new state</Button>}
          >
            <p className="mb-3">
              A state cannot be closed again: what was scraped or bitten stays. Pulls from here on are of the
              new state.
            </p>
            <Field label="What was done to the plate" problem={problem}>
              {(ids) => (
                <textarea {...ids} rows={3} value={note} onChange={(event) => setNote(event.target.value)} />
              )}
            </Field>
            <Button look="main" className="mt-4" onClick={() => void openNext()}>
              Open state {romanNumeral((states.at(-1)?.state ?? 0) + 1)}
            </Button>
          </Dialog>
        )}
      </div>
      {current?.note && (
        <p className="mt-2 text-sm">
          State {romanNumeral(current.state)}: {current.note}
        </p>
      )}
    </div>
  )
}
