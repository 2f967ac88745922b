import { DevicesRoom } from '@/stations/shop/devices/DevicesRoom'
import { readShared } from '@/stations/shop/devices/readShared'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Devices' }

/** Who reaches the workshop beside this machine. */
function DevicesPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <DevicesRoom first={readShared()} />
    </main>
  )
}

export default onlyFor('machine', DevicesPage)
