import { loadLastExposure } from '@/data/plate/makings'
import { ExposureRoom } from '@/stations/plate/ExposureRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Exposure' }

async function ExposurePage() {
  return <ExposureRoom last={await loadLastExposure()} />
}

export default onlyFor('shop', ExposurePage)
