import { loadGrowthMarks } from '@/data/paper/growths'
import { loadStore } from '@/data/shop/store'
import { RegisterStation } from '@/stations/register/RegisterStation'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Register' }

async function RegisterPage() {
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

export default onlyFor('shop', RegisterPage)
