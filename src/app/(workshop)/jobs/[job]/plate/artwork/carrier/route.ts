import { runOnBench } from '@/core/edition/runs'
import type { NextRequest } from 'next/server'
import { carrierSheet } from '@/core/plate/carrierSheet'
import { drawingToSvg } from '@/core/sheet/sheetDrawing'
import { loadArtwork } from '@/data/plate/artworks'
import { carrierPng, carrierSheetPng, renderCarrier } from '@/data/plate/carriers'
import { FieldError } from '@/data/database/errors'
import { renderSheetPdf } from '@/stations/across/sheet/sheetPdf'
import { openJob } from '../../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

const TYPES = { png: 'image/png', pdf: 'application/pdf', svg: 'image/svg+xml; charset=utf-8' } as const

/** What goes onto the plate, at 1:1, as `?form=png`, `pdf` or `svg`. */
async function give(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const job = await openJob((await params).job)
  const form = request.nextUrl.searchParams.get('form') ?? 'png'
  const { plate } = runOnBench(job).bench
  const artwork = await loadArtwork(job.id)
  if (!(form in TYPES)) return new Response('Not found', { status: 404 })
  if (!plate || !artwork) return new Response('Set the plate and choose a picture first.', { status: 409 })
  try {
    const carrier = await renderCarrier(artwork, plate)
    const picture =
      form === 'png'
        ? ''
        : `data:image/png;base64,${(await carrierPng(carrier, artwork.dpi)).toString('base64')}`
    const sheet = carrierSheet({ method: artwork.method, plate, title: job.title, picture })
    const bodies = {
      svg: () => Buffer.from(drawingToSvg(sheet)),
      pdf: () => renderSheetPdf(sheet),
      png: () => carrierSheetPng(carrier, sheet, artwork.dpi),
    }
    const body = await bodies[form as keyof typeof bodies]()
    return new Response(new Uint8Array(body), {
      headers: {
        'content-type': TYPES[form as keyof typeof TYPES],
        'content-disposition': `attachment; filename="${job.slug}-carrier.${form}"`,
      },
    })
  } catch (error) {
    if (error instanceof FieldError) return new Response(error.problems[0].message, { status: 409 })
    throw error
  }
}

export const GET = routeFor('shop', give)
