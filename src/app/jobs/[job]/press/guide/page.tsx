import { loadStore } from '@/data/store'
import { SettingGuide } from '@/stations/press/SettingGuide'
import { openJob } from '../../openJob'

export default async function GuidePage({ params }: { params: Promise<{ job: string }> }) {
  const [{ presses, papers }, { runs }] = await Promise.all([loadStore(), openJob((await params).job)])
  return <SettingGuide presses={presses} sizing={papers.find(({ id }) => id === runs[0].bench.paper?.paperId)?.sizing ?? 'unknown'} />
}
