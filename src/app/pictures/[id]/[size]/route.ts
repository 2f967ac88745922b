import { readFile } from 'node:fs/promises'
import { NotFoundError } from '@/data/database/errors'
import { PICTURE_SIZES, pictureFile, type PictureSize } from '@/data/across/images'
import { routeFor } from '@/stations/across/device/onlyFor'

/** One of the sizes of a kept picture. It never changes, so it may be kept for good. */
async function give(
  _request: Request,
  { params }: { params: Promise<{ id: string; size: string }> },
): Promise<Response> {
  const { id, size } = await params
  if (!(size in PICTURE_SIZES)) return new Response('Not found', { status: 404 })
  try {
    const data = await readFile(await pictureFile(id, size as PictureSize))
    return new Response(new Uint8Array(data), {
      headers: { 'content-type': 'image/webp', 'cache-control': 'private, max-age=31536000, immutable' },
    })
  } catch (error) {
    if (error instanceof NotFoundError) return new Response('Not found', { status: 404 })
    throw error
  }
}

export const GET = routeFor('desk', give)
