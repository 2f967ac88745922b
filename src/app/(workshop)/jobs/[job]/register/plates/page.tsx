import { loadGrowthMarks } from '@/data/paper/growths'
import { loadMisfits } from '@/data/register/misfits'
import { PlatesRoom } from '@/stations/register/PlatesRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Plates and runs' }

async function PlatesPage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  const [marks, misfits] = await Promise.all([loadGrowthMarks(), loadMisfits(id)])
  return <PlatesRoom marks={marks} misfits={misfits} />
}

export default onlyFor('shop', PlatesPage)
