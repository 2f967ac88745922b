import { loadGrowthMarks } from '@/data/growths'
import { loadWeighIns } from '@/data/soaks'
import { loadStore } from '@/data/store'
import { PaperStation } from '@/stations/paper/PaperStation'

export default async function PaperPage() {
  const [{ papers }, weighIns, marks] = await Promise.all([loadStore(), loadWeighIns(), loadGrowthMarks()])
  return <PaperStation papers={papers} weighIns={weighIns} marks={marks} />
}
