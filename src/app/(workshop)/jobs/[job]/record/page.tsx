import { viewerZone } from '../../../viewerZone'
import { loadCustody } from '@/data/record/custody'
import { documentRecord } from '@/stations/record/documentRecord'
import { RecordStation } from '@/stations/record/RecordStation'
import { openJob } from '../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Record' }

async function RecordPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  return (
    <RecordStation
      documentation={documentRecord(job, await viewerZone())}
      credits={job.credits}
      prints={job.prints}
      moves={await loadCustody(job.id)}
    />
  )
}

export default onlyFor('shop', RecordPage)
