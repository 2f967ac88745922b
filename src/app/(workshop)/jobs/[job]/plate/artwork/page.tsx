import { loadArtwork } from '@/data/plate/artworks'
import { pictureDetails } from '@/data/across/images'
import { ArtworkRoom } from '@/stations/plate/ArtworkRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Artwork' }

async function ArtworkPage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  const kept = await loadArtwork(id)
  const [image] = kept ? await pictureDetails([kept.imageId]) : []
  return <ArtworkRoom kept={kept} image={image ?? null} />
}

export default onlyFor('shop', ArtworkPage)
