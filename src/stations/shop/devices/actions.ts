'use server'

import { z } from 'zod'
import { FieldError } from '@/data/database/errors'
import { DEVICE_ROLES, type DeviceRole } from '@/server/share/roles'
import { sharingNow, type Sharing } from '@/server/share/sharing'
import { act, ask } from '../../across/act/act'
import { readShared } from './readShared'

const deviceId = z.strictObject({ id: z.uuid() })
const role = z.enum(Object.keys(DEVICE_ROLES) as [DeviceRole, ...DeviceRole[]])

/** @throws FieldError where the workshop is not shared */
function shared(): Sharing {
  const sharing = sharingNow()
  if (sharing) return sharing
  throw new FieldError([{ field: '', message: 'The workshop is not shared: start it with --share.' }])
}

/** @throws FieldError when it came to nothing */
function must(isDone: boolean, message: string): Record<string, never> {
  if (isDone) return {}
  throw new FieldError([{ field: '', message }])
}

const GONE = 'This device waits no longer: let it ask again with a new code.'

/** How it stands with sharing, devices that wait and devices that are paired. */
export const readSharedAction = ask(z.strictObject({}), 'machine', async () => ({ shared: readShared() }))

/** Makes a code for one device. The answer does not hold it: what an act answers is kept, and a code is not. */
export const openCodeAction = act(z.strictObject({}), 'machine', async () => {
  shared().pairing.openCode()
  return {}
})

/** Takes the code that is open back. */
export const closeCodeAction = act(z.strictObject({}), 'machine', async () => {
  shared().pairing.closeCode()
  return {}
})

/** Lets a device in that waits. */
export const admitDeviceAction = act(deviceId.extend({ role }), 'machine', async ({ id, role: as }) =>
  must(shared().pairing.admit(id, as), GONE),
)

/** Turns a device away that waits. */
export const declineDeviceAction = act(deviceId, 'machine', async ({ id }) =>
  must(shared().pairing.decline(id), GONE),
)

/** Takes a paired device out: what it asks for next is refused. */
export const revokeDeviceAction = act(deviceId, 'machine', async ({ id }) =>
  must(shared().devices.revoke(id), 'This device is paired no longer.'),
)
