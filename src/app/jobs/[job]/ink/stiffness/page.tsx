import { loadCalibration } from '@/data/calibrations'
import { loadInks } from '@/data/inks'
import { latestMorning } from '@/data/mornings'
import { StiffnessRoom } from '@/stations/ink/StiffnessRoom'

export default async function InkStiffnessPage() {
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
