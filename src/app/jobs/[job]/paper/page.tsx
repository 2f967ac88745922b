import { loadWeighIns } from '@/data/soaks'
import { loadStore } from '@/data/store'
import { PaperStation } from '@/stations/paper/PaperStation'

export default async function PaperPage() {
  const [{ papers }, weighIns] = await Promise.all([loadStore(), loadWeighIns()])
  return <PaperStation papers={papers} weighIns={weighIns} />
}
