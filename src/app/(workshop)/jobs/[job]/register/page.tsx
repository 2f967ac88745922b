import { loadGrowthMarks } from '@/data/paper/growths'
import { loadStore } from '@/data/shop/store'
import { RegisterStation } from '@/stations/register/RegisterStation'

export const metadata = { title: 'Register' }

export default async function RegisterPage() {
  const [marks, { papers }] = await Promise.all([loadGrowthMarks(), loadStore()])
  return (
    <RegisterStation
      marks={marks}
      papers={papers.map(({ id, name, sheetWidthMm, sheetHeightMm, grain }) => ({
        id,
        name,
        sheetWidthMm,
        sheetHeightMm,
        grain,
      }))}
    />
  )
}
