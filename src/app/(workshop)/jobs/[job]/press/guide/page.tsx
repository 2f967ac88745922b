import { runOnBench } from '@/core/edition/runs'
import { loadStore } from '@/data/shop/store'
import { SettingGuide } from '@/stations/press/SettingGuide'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Setting guide' }

async function GuidePage({ params }: { params: Promise<{ job: string }> }) {
  const [{ presses, papers }, job] = await Promise.all([loadStore(), openJob((await params).job)])
  return (
    <SettingGuide
      presses={presses}
      sizing={papers.find(({ id }) => id === runOnBench(job).bench.paper?.paperId)?.sizing ?? 'unknown'}
    />
  )
}

export default onlyFor('shop', GuidePage)
