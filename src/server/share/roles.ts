/** What a paired device may do: everything but share the workshop further, only work at a pull desk and give pictures, or only show the wall. */
export const DEVICE_ROLES = {
  shop: 'Whole workshop',
  desk: 'Desk and pictures',
  wall: 'Wall screen, to look at',
} as const
export type DeviceRole = keyof typeof DEVICE_ROLES

/** The only address that a device sees before it is paired; afterwards it is sent on from there to where it belongs. */
export const PAIR_PATH = '/pair'

/** Where a device is sent once it is let in. */
export const DEVICE_HOMES: Record<DeviceRole, string> = { shop: '/', desk: '/desk', wall: '/wall' }

/** Who asks: the machine the workshop is kept on, a paired device by its role, or nobody known. */
export type Asking = 'machine' | DeviceRole | 'nobody'

/** What an act, a route or a page asks of who wants it. */
export type Role = 'machine' | DeviceRole

const RIGHTS: Record<Asking, readonly Role[]> = {
  machine: ['machine', 'shop', 'desk', 'wall'],
  shop: ['shop', 'desk', 'wall'],
  desk: ['desk'],
  wall: ['wall'],
  nobody: [],
}

/** Whether who asks may have what is kept for a role. */
export const isAllowed = (asking: Asking, role: Role): boolean => RIGHTS[asking].includes(role)

/** The header in which the door says who asks. What a sender says there is taken out before. */
export const ASKING_HEADER = 'x-typothesis-asking'

/** The header in which the door says which of the paired devices asks. */
export const DEVICE_HEADER = 'x-typothesis-device'

/** Who asks, by what the door said; whatever is no such word is nobody. */
export const askingOf = (said: string | null): Asking =>
  said !== null && Object.hasOwn(RIGHTS, said) ? (said as Asking) : 'nobody'
