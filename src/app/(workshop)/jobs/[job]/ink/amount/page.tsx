import { loadInkWeighings } from '@/data/ink/calibrations'
import { AmountRoom } from '@/stations/ink/AmountRoom'
import { openJob } from '../../openJob'

export const metadata = { title: 'Amount of ink' }

export default async function InkAmountPage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  return <AmountRoom weighings={await loadInkWeighings(id)} />
}
