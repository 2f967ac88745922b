import { shelfLabels } from '@/core/record/shelfLabels'
import { loadLabelled } from '@/data/shop/labelled'
import { sharingNow } from '@/server/share/sharing'
import { routeFor } from '@/stations/across/device/onlyFor'
import { viewerZone } from '../../viewerZone'
import { renderShelfLabelsPdf } from '@/stations/shop/store/shelfLabelsPdf'

/** Labels for tins, drawers, plates and drying prints, to be cut apart; with codes for a phone while the workshop is shared. */
async function give(): Promise<Response> {
  const labels = shelfLabels(await loadLabelled(), await viewerZone())
  if (labels.length === 0) return new Response('Nothing is on the shelves yet.', { status: 404 })
  return new Response(new Uint8Array(await renderShelfLabelsPdf(labels, sharingNow()?.urls[0] ?? null)), {
    headers: { 'content-type': 'application/pdf' },
  })
}

export const GET = routeFor('shop', give)
