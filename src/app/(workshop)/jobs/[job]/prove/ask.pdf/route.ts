import type { NextRequest } from 'next/server'
import { impressionPicture } from '@/core/edition/impressionPicture'
import { layPicture } from '@/core/prove/askPage'
import { nameOfPull } from '@/core/record/withdrawal'
import { writeMoment } from '@/core/units/moment'
import { carryPicture } from '@/data/prove/askPicture'
import { renderAskPdf } from '@/stations/prove/askPdf'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** Asked where nobody typed a question. */
const USUAL = 'Is this the print you want? It would become the proof the others are held to.'
const LONGEST = 300

/** The page an absent approver is asked by, of the proof `?proof=`, with the question `?asks=`. */
async function give(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const job = await openJob((await params).job)
  const search = request.nextUrl.searchParams
  const proof = job.pulls.find(({ id }) => id === search.get('proof'))
  const picture = proof && impressionPicture(proof)
  if (!proof || !picture)
    return new Response('This proof has no picture yet: add one at Prove.', { status: 409 })
  const carried = await carryPicture(picture.imageId)
  const [[left], [right]] = picture.plate
  // Where only the picture's frame is known, it tells no size.
  const plate =
    picture.isSet && picture.scan
      ? { widthMm: proof.settings.plate.widthMm, widthPx: Math.abs(right - left) * carried.widthPx }
      : null
  const pdf = await renderAskPdf({
    title: job.title,
    artist: job.artist,
    proof: `${nameOfPull(proof)}, ${writeMoment(proof.pulledAt, proof.zone)}`,
    asks: (search.get('asks') ?? '').trim().slice(0, LONGEST) || USUAL,
    picture: { data: carried.data, laid: layPicture(carried, plate) },
  })
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `attachment; filename="${job.slug}-proof-${proof.number}.pdf"`,
    },
  })
}

export const GET = routeFor('shop', give)
