/** Where the device says to the server which zone it stands in. */
export const ZONE_COOKIE = 'typothesis-zone'

/** The zone of this device's clock, as moments are stamped with it. */
export function deviceZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone || 'Etc/UTC'
}
