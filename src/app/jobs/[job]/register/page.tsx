import { loadGrowthMarks } from '@/data/growths'
import { RegisterStation } from '@/stations/register/RegisterStation'

export default async function RegisterPage() {
  return <RegisterStation marks={await loadGrowthMarks()} />
}
