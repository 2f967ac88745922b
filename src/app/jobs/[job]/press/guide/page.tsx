import { loadStore } from '@/data/store'
import { SettingGuide } from '@/stations/press/SettingGuide'

export default async function GuidePage() {
  const { presses } = await loadStore()
  return <SettingGuide presses={presses} />
}
