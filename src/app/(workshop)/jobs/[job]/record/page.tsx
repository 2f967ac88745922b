import { viewerZone } from '../../../viewerZone'
import { loadCustody } from '@/data/record/custody'
import { documentRecord } from '@/stations/record/documentRecord'
import { RecordStation } from '@/stations/record/RecordStation'
import { openJob } from '../openJob'

export const metadata = { title: 'Record' }

export default async function RecordPage({ params }: { params: Promise<{ job: string }> }) {
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
