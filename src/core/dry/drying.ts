/** How damp prints are dried, and the days it usually takes [common practice, no source]. */
export const DRYING_METHODS = {
  blotters: {
    label: 'Between blotters, under weight',
    usualDays: 4,
    note: 'Change the blotters after the first hour, then daily.',
  },
  boards: {
    label: 'Edges held between boards, stacked',
    usualDays: 1,
    note: 'Leave the stack closed; look after a day.',
  },
  rack: { label: 'On the rack, then under weight', usualDays: 2, note: 'Damp the back again if it cockles.' },
} as const
export type DryingMethod = keyof typeof DRYING_METHODS
export const DRYING_METHOD_KEYS = Object.keys(DRYING_METHODS) as [DryingMethod, ...DryingMethod[]]

/** When prints laid to dry will be ready: laid + days. Both moments are ISO 8601 in UTC. */
export function dryReadyAt(laidAt: string, days: number): string {
  return new Date(Date.parse(laidAt) + days * 86_400_000).toISOString()
}
