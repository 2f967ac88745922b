import { cookies } from 'next/headers'
import { isTimeZone } from '@/core/units/moment'
import { deviceZone, ZONE_COOKIE } from '@/ui/deviceZone'

/** The zone of whoever looks, as their device said it; before it said anything, that of the machine in the workshop. */
export async function viewerZone(): Promise<string> {
  const said = (await cookies()).get(ZONE_COOKIE)?.value
  return said && isTimeZone(said) ? said : deviceZone()
}
