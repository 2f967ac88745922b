import { loadStore } from '@/data/store'
import { InkStation } from '@/stations/ink/InkStation'

export default async function InkPage() {
  const { inks, papers } = await loadStore()
  return <InkStation inks={inks} papers={papers} />
}
