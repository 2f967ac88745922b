import { loadCollePieces } from '@/data/collePieces'
import { latestZoneMap } from '@/data/zoneMaps'
import { ColleRoom } from '@/stations/register/ColleRoom'
import { openJob } from '../../openJob'

export default async function CollePage({ params }: { params: Promise<{ job: string }> }) {
  const { id, editionSize } = await openJob((await params).job)
  const [pieces, kept] = await Promise.all([loadCollePieces(id), latestZoneMap(id)])
  return <ColleRoom pieces={pieces} zones={kept?.map.zones ?? []} editionSize={editionSize} />
}
