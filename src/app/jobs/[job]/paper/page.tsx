import { loadStore } from '@/data/store'
import { PaperStation } from '@/stations/paper/PaperStation'

export default async function PaperPage() {
  const { papers } = await loadStore()
  return <PaperStation papers={papers} />
}
