import { loadMakings, loadProcedures } from '@/data/plate/makings'
import { MakingRoom } from '@/stations/plate/MakingRoom'
import { openJob } from '../../openJob'

export const metadata = { title: 'Making' }

export default async function MakingPage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  const [makings, own] = await Promise.all([loadMakings(id), loadProcedures()])
  return <MakingRoom makings={makings} own={own} />
}
