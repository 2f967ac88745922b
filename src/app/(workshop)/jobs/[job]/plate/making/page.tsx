import { loadMakings, loadProcedures } from '@/data/plate/makings'
import { MakingRoom } from '@/stations/plate/MakingRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Making' }

async function MakingPage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  const [makings, own] = await Promise.all([loadMakings(id), loadProcedures()])
  return <MakingRoom makings={makings} own={own} />
}

export default onlyFor('shop', MakingPage)
