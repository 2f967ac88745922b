'use client'

import { useRef, useState } from 'react'
import { useRouter } from 'next/navigation'
import { cropToPlate, type Artwork } from '@/core/plate/artwork'
import { MAKING_METHODS, type MakingMethod } from '@/core/plate/makingMethod'
import { Field } from '@/ui/Field'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import type { FieldProblem } from '@/data/database/errors'
import { ArtworkBench } from './ArtworkBench'
import { PlateRooms } from './PlateRooms'
import { keepArtworkAction } from './roomActions'
import { uploadPicture } from './uploadPicture'
import { sendAct } from '../across/act/sendAct'

interface ArtworkRoomProps {
  kept: Artwork | null
  image: { id: string; widthPx: number; heightPx: number } | null
}

/** From a picture to what goes onto the plate: cropped, in dots or greys, the right way round, with plate and print beside it. */
export function ArtworkRoom({ kept, image }: ArtworkRoomProps) {
  const bench = useBench()
  const job = useJob()
  const router = useRouter()
  const chooser = useRef<HTMLInputElement>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const { plate } = bench
  const upload = async (file: File | undefined) => {
    if (!file || !plate) return
    setBusy(true)
    const picture = await uploadPicture(file)
    const answer =
      'message' in picture
        ? { ok: false as const, problems: [{ field: 'imageId', message: picture.message }] }
        : await sendAct(keepArtworkAction, {
            jobId: job.id,
            artwork: {
              ...(kept ?? FIRST),
              imageId: picture.id,
              crop: picture.size
                ? cropToPlate(picture.size, plate)
                : { left: 0, top: 0, width: 1, height: 1 },
              method: kept?.method ?? methodOf(plate.kind),
            },
          })
    setBusy(false)
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) router.refresh()
  }
  return (
    <Panel title="Plate">
      <PlateRooms />
      {!plate && (
        <p className="border border-line bg-ground p-4">
          Set the plate’s size first: the picture is cropped to it.
        </p>
      )}
      {plate && (
        <>
          {image && kept ? (
            <ArtworkBench
              key={image.id}
              plate={plate}
              image={image}
              kept={kept}
              jobSlug={job.slug}
              jobId={job.id}
            />
          ) : (
            <p className="border border-line bg-ground p-4">
              No picture yet. Choose a drawing, scan or photograph; what is made of it is shown here, and can
              be printed at 1:1.
            </p>
          )}
          <Field
            label="Picture for the plate"
            problem={problemAt(problems, 'imageId') ?? problemAt(problems, '')}
            hint={
              busy
                ? 'Keeping the picture…'
                : 'PNG, JPEG, WebP or TIFF, up to 120 MB. The original is never changed.'
            }
            className="mt-5 max-w-96"
          >
            {(ids) => (
              <input
                {...ids}
                ref={chooser}
                type="file"
                accept="image/png,image/jpeg,image/webp,image/tiff"
                disabled={busy}
                onChange={(event) =>
                  void upload(event.target.files?.[0]).then(
                    () => chooser.current && (chooser.current.value = ''),
                  )
                }
              />
            )}
          </Field>
        </>
      )}
    </Panel>
  )
}

const FIRST: Omit<Artwork, 'imageId' | 'crop' | 'method'> = {
  tone: { way: 'grain', threshold: 128, linesPerInch: 60, angleDegrees: 45 },
  dpi: 600,
}
const methodOf = (kind: string) =>
  (Object.keys(MAKING_METHODS) as MakingMethod[]).find((method) => MAKING_METHODS[method].kind === kind) ??
  'metal-drypoint'
