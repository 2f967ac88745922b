import { NextResponse, type NextRequest } from 'next/server'
import { z } from 'zod'
import { FieldError } from '@/data/database/errors'
import { keepPicture, LARGEST_PICTURE_BYTES, pictureDetails } from '@/data/across/images'
import { SeveralPagesError } from '@/data/across/picturePages'
import { readPictureSource } from '@/data/across/pictureSource'
import { sharingNow } from '@/server/share/sharing'
import { BEGUN_HEADER } from '@/server/share/takeHeader'
import { routeFor } from '@/stations/across/device/onlyFor'

const tooLarge = () =>
  NextResponse.json(
    { message: 'The file is too large; at most 120 MB are taken. Save it smaller and choose it again.' },
    { status: 413 },
  )

/** Which page of a file is meant; without it the file has one. */
const pageHeader = z.coerce.number().int().min(1).nullable().catch(null)

/** Takes a picture: the body is the file, `x-file-name` its name, `x-page` which of its pages is meant. Reading stops as soon as it is too large. */
// The body is a file, and a picture's id is its content's: sent twice, it is kept once.
async function take(request: NextRequest): Promise<NextResponse> {
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_PICTURE_BYTES) return tooLarge()
  const chunks: Uint8Array[] = []
  let size = 0
  if (request.body) {
    for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
      size += chunk.length
      if (size > LARGEST_PICTURE_BYTES) return tooLarge()
      chunks.push(chunk)
    }
  }
  try {
    const name = decodeURIComponent(request.headers.get('x-file-name') ?? 'picture')
    const page = pageHeader.parse(request.headers.get('x-page'))
    const bytes = Buffer.concat(chunks)
    const id = await keepPicture(bytes, name, new Date().toISOString(), page)
    const [{ widthPx, heightPx }] = await pictureDetails([id])
    const picture = { id, size: { widthPx, heightPx }, source: await readPictureSource(bytes) }
    // Taken with a phone: whoever waits for it is told.
    const begun = request.headers.get(BEGUN_HEADER)
    if (begun) sharingNow()?.pictures.done(begun, picture)
    return NextResponse.json(picture)
  } catch (error) {
    if (error instanceof SeveralPagesError)
      return NextResponse.json({ message: error.problems[0].message, pages: error.pages }, { status: 400 })
    if (error instanceof FieldError)
      return NextResponse.json({ message: error.problems[0].message }, { status: 400 })
    if (error instanceof URIError)
      return NextResponse.json({ message: 'The name of the file cannot be read.' }, { status: 400 })
    throw error
  }
}

export const POST = routeFor('desk', take)
