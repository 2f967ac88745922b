import { loadCalibration } from '@/data/ink/calibrations'
import { loadInks } from '@/data/shop/inks'
import { latestMorning } from '@/data/shop/mornings'
import { StiffnessRoom } from '@/stations/ink/StiffnessRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Stiffness' }

async function InkStiffnessPage() {
  const [inks, calibration, morning] = await Promise.all([loadInks(), loadCalibration(), latestMorning()])
  return (
    <StiffnessRoom
      key={JSON.stringify(calibration)}
      inks={inks}
      calibration={calibration}
      room={morning?.readings.roomC ?? null}
    />
  )
}

export default onlyFor('shop', InkStiffnessPage)
