import { findByName } from '@/core/units/byName'
import type { NextRequest } from 'next/server'
import { colleTemplate, nestPieces } from '@/core/register/chineColle'
import { colleNestSheet, colleTemplateSheet } from '@/core/register/colleSheet'
import { drawingToSvg } from '@/core/sheet/sheetDrawing'
import { loadCollePieces } from '@/data/register/collePieces'
import { renderSheetPdf } from '@/stations/across/sheet/sheetPdf'
import { openJob } from '../../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** A kept piece at 1:1: `?piece=name&form=svg|pdf&what=template|sheet`. */
async function give(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const job = await openJob((await params).job)
  const query = request.nextUrl.searchParams
  const setting = findByName(await loadCollePieces(job.id), query.get('piece'))
  if (!setting) return new Response('This piece is not kept.', { status: 404 })
  const template = colleTemplate(setting)
  const drawing =
    query.get('what') === 'sheet'
      ? colleNestSheet(setting, template, nestPieces(template, setting))
      : colleTemplateSheet(setting, template)
  if (query.get('form') === 'pdf')
    return new Response(new Uint8Array(await renderSheetPdf(drawing)), {
      headers: { 'content-type': 'application/pdf' },
    })
  return new Response(drawingToSvg(drawing), { headers: { 'content-type': 'image/svg+xml; charset=utf-8' } })
}

export const GET = routeFor('shop', give)
