import { runOnBench } from '@/core/edition/runs'
import { loadStore } from '@/data/shop/store'
import { SettingGuide } from '@/stations/press/SettingGuide'
import { openJob } from '../../openJob'

export const metadata = { title: 'Setting guide' }

export default async function GuidePage({ params }: { params: Promise<{ job: string }> }) {
  const [{ presses, papers }, job] = await Promise.all([loadStore(), openJob((await params).job)])
  return (
    <SettingGuide
      presses={presses}
      sizing={papers.find(({ id }) => id === runOnBench(job).bench.paper?.paperId)?.sizing ?? 'unknown'}
    />
  )
}
