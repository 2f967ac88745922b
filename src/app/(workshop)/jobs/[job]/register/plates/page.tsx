import { loadGrowthMarks } from '@/data/paper/growths'
import { loadMisfits } from '@/data/register/misfits'
import { PlatesRoom } from '@/stations/register/PlatesRoom'
import { openJob } from '../../openJob'

export const metadata = { title: 'Plates and runs' }

export default async function PlatesPage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  const [marks, misfits] = await Promise.all([loadGrowthMarks(), loadMisfits(id)])
  return <PlatesRoom marks={marks} misfits={misfits} />
}
