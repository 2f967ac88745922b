/** What a paired device may do: everything but share the workshop further, or only work at a pull desk and give pictures. */
export const DEVICE_ROLES = { shop: 'Whole workshop', desk: 'Desk and pictures' } as const
export type DeviceRole = keyof typeof DEVICE_ROLES

/** Who asks: the machine the workshop is kept on, a paired device by its role, or nobody known. */
export type Asking = 'machine' | DeviceRole | 'nobody'

/** What an act, a route or a page asks of who wants it. */
export type Role = 'machine' | DeviceRole

const RIGHTS: Record<Asking, readonly Role[]> = {
  machine: ['machine', 'shop', 'desk'],
  shop: ['shop', 'desk'],
  desk: ['desk'],
  nobody: [],
}

/** Whether who asks may have what is kept for a role. */
export const isAllowed = (asking: Asking, role: Role): boolean => RIGHTS[asking].includes(role)

/** The header in which the door says who asks. What a sender says there is taken out before. */
export const ASKING_HEADER = 'x-typothesis-asking'

/** Who asks, by what the door said; whatever is no such word is nobody. */
export const askingOf = (said: string | null): Asking =>
  said !== null && Object.hasOwn(RIGHTS, said) ? (said as Asking) : 'nobody'
