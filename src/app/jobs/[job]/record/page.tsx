import { documentRecord } from '@/stations/record/documentRecord'
import { RecordStation } from '@/stations/record/RecordStation'
import { openJob } from '../openJob'

export default async function RecordPage({ params }: { params: Promise<{ job: string }> }) {
  return <RecordStation documentation={documentRecord(await openJob((await params).job))} />
}
