'use client'

import { useState } from 'react'
import { useRouter } from 'next/navigation'
import { cropToPlate, type Artwork } from '@/core/plate/artwork'
import { MAKING_METHODS, type MakingMethod } from '@/core/plate/makingMethod'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import type { FieldProblem } from '@/data/database/errors'
import { artworkAnswer } from './answers'
import { ArtworkBench } from './ArtworkBench'
import { PlateRooms } from './PlateRooms'
import { keepArtworkAction } from './roomActions'
import { PictureField } from '../across/picture/PictureField'
import type { UploadedPicture } from '../across/picture/uploadPicture'
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
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const { plate } = bench
  const keep = async (picture: UploadedPicture) => {
    if (!plate) return
    const answer = await sendAct(keepArtworkAction, {
      jobId: job.id,
      artwork: {
        ...(kept ?? FIRST),
        imageId: picture.id,
        crop: picture.size ? cropToPlate(picture.size, plate) : { left: 0, top: 0, width: 1, height: 1 },
        method: kept?.method ?? methodOf(plate.kind),
      },
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) router.refresh()
  }
  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      answer={artworkAnswer(plate, image && kept ? kept.method : null, `/jobs/${job.slug}/plate`)}
    >
      {plate && (
        <>
          {image && kept && (
            <ArtworkBench
              key={image.id}
              plate={plate}
              image={image}
              kept={kept}
              jobSlug={job.slug}
              jobId={job.id}
            />
          )}
          <PictureField
            label="Picture for the plate"
            problem={problemAt(problems, 'imageId') ?? problemAt(problems, '')}
            hint=". The original is never changed."
            className="mt-5 max-w-96"
            onPicture={keep}
          />
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
