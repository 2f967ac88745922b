import { loadLastExposure } from '@/data/plate/makings'
import { ExposureRoom } from '@/stations/plate/ExposureRoom'

export const metadata = { title: 'Exposure' }

export default async function ExposurePage() {
  return <ExposureRoom last={await loadLastExposure()} />
}
