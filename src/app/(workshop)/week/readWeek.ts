import { layWeek, type WeekDay } from '@/core/morning/week'
import { loadBookings } from '@/data/shop/bookings'
import { loadDryingPlaces } from '@/data/shop/dryingPlaces'

/** The next seven days from a moment. @param now ISO 8601 @param zone of whoever looks */
export async function readWeek(now: string, zone: string): Promise<WeekDay[]> {
  const [bookings, { places, loads }] = await Promise.all([loadBookings(now), loadDryingPlaces()])
  return layWeek({ now, zone, bookings, places, loads })
}
