import { loadInkWeighings } from '@/data/ink/calibrations'
import { AmountRoom } from '@/stations/ink/AmountRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Amount of ink' }

async function InkAmountPage({ params }: { params: Promise<{ job: string }> }) {
  const { id } = await openJob((await params).job)
  return <AmountRoom weighings={await loadInkWeighings(id)} />
}

export default onlyFor('shop', InkAmountPage)
