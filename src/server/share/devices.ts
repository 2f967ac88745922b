import { z } from 'zod'
import { hashOf, makeToken } from './secret'
import { DEVICE_ROLES, type DeviceRole } from './roles'

/** How long a device stays paired, days. */
export const PAIRED_DAYS = 90
const DAY_MS = 86_400_000

const deviceSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  role: z.enum(Object.keys(DEVICE_ROLES) as [DeviceRole, ...DeviceRole[]]),
  /** of its token; the token itself is nowhere but on the device */
  hash: z.string(),
  pairedAt: z.number(),
})
export const devicesSchema = z.array(deviceSchema)
export type PairedDevice = z.infer<typeof deviceSchema>

const isOver = ({ pairedAt }: PairedDevice, now: number) => now - pairedAt >= PAIRED_DAYS * DAY_MS

/** What is shown of a device at the machine: nothing anybody could come in with. Times in ms since 1970. */
export interface ShownDevice {
  id: string
  name: string
  role: DeviceRole
  pairedAt: number
  until: number
  /** asked for something last; null: not since the workshop was opened */
  seenAt: number | null
  /** entries its desk had still to send when it said so last, and those that were refused; null: it said nothing */
  waits: { toSend: number; refused: number } | null
}

/** The paired devices of a workshop. */
export interface Devices {
  /** @returns the token the device comes in with from now on */
  pair: (device: { id: string; name: string; role: DeviceRole }) => string
  /** whose token it is; null: nobody’s, or one that was revoked or is over */
  find: (token: string) => PairedDevice | null
  /** @returns whether there was such a device */
  revoke: (id: string) => boolean
  /** what a device says waits on it */
  noteWaits: (id: string, waits: NonNullable<ShownDevice['waits']>) => void
  list: () => ShownDevice[]
}

/**
 * Keeps who is paired.
 *
 * @param kept as they were kept before @param keep writes them down, before anybody is told @param now ms since 1970
 */
export function keepDevices(
  kept: readonly PairedDevice[],
  keep: (devices: readonly PairedDevice[]) => void,
  now: () => number = Date.now,
): Devices {
  let devices = kept.filter((one) => !isOver(one, now()))
  const seen = new Map<string, number>()
  const waiting = new Map<string, NonNullable<ShownDevice['waits']>>()
  const put = (next: readonly PairedDevice[]) => {
    keep(next)
    devices = [...next]
  }
  return {
    pair: (device) => {
      const token = makeToken()
      put([...devices, { ...device, hash: hashOf(token), pairedAt: now() }])
      return token
    },
    find: (token) => {
      const hash = hashOf(token)
      const found = devices.find((one) => one.hash === hash)
      if (!found || isOver(found, now())) return null
      seen.set(found.id, now())
      return found
    },
    revoke: (id) => {
      const left = devices.filter((one) => one.id !== id)
      if (left.length === devices.length) return false
      put(left)
      return true
    },
    noteWaits: (id, waits) => void waiting.set(id, waits),
    list: () =>
      devices
        .filter((one) => !isOver(one, now()))
        .map(({ id, name, role, pairedAt }) => ({
          id,
          name,
          role,
          pairedAt,
          until: pairedAt + PAIRED_DAYS * DAY_MS,
          seenAt: seen.get(id) ?? null,
          waits: waiting.get(id) ?? null,
        })),
  }
}
