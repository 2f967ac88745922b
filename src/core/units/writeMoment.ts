/**
 * A moment as it is copied onto a sheet: date, 24-hour time, zone.
 *
 * @example writeMoment('2031-05-02T09:04:00.000Z', 'Europe/Lisbon') // '2031-05-02 10:04 Europe/Lisbon'
 */
export function writeMoment(pulledAt: string, zone: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(new Date(pulledAt))
  const part = (type: string) => parts.find((candidate) => candidate.type === type)?.value ?? ''
  return `${part('year')}-${part('month')}-${part('day')} ${part('hour')}:${part('minute')} ${zone}`
}
