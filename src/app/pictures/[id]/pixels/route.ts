import { NotFoundError } from '@/data/database/errors'
import { originalFile } from '@/data/across/images'
import { COMPARED_LONGEST, PixelError, readPixels } from '@/data/across/pixels'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The bare pixels of a kept picture, upright, three bytes each, for comparing: no browser's colour handling comes between. */
async function give(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  try {
    const { width, height, data, isGrey, pixelsPerMm, profile } = await readPixels(
      await originalFile((await params).id),
      COMPARED_LONGEST,
    )
    return new Response(new Uint8Array(data), {
      headers: {
        'content-type': 'application/octet-stream',
        'x-width': String(width),
        'x-height': String(height),
        ...(isGrey && { 'x-grey': 'yes' }),
        ...(profile && { 'x-profile': encodeURIComponent(JSON.stringify(profile)) }),
        ...(pixelsPerMm && { 'x-per-mm': String(pixelsPerMm) }),
        'cache-control': 'private, max-age=31536000, immutable',
      },
    })
  } catch (error) {
    if (error instanceof NotFoundError) return new Response('Not found', { status: 404 })
    if (error instanceof PixelError) return new Response(error.message, { status: 422 })
    throw error
  }
}

export const GET = routeFor('desk', give)
