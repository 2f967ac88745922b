import { loadBitePlan, loadStrips } from '@/data/plate/bites'
import { BiteRoom } from '@/stations/plate/BiteRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Bite' }

async function BitePage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  const [strips, kept] = await Promise.all([loadStrips(), loadBitePlan(id)])
  return <BiteRoom strips={strips} kept={kept && { stripId: kept.stripId, ...kept.plan }} />
}

export default onlyFor('shop', BitePage)
