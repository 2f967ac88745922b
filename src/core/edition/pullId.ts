import { z } from 'zod'
import { isTimeZone } from '../units/moment'

/** Pull ids serve as idempotency keys and file names, so their shape is narrow. */
export const pullId = z
  .string()
  .regex(/^[A-Za-z0-9-]{1,64}$/, { error: 'must be letters, digits and hyphens' })

/** A time zone by its IANA name; one this machine does not know could not be written out. */
export const timeZone = z
  .string()
  .min(1)
  .max(60)
  .refine(isTimeZone, { error: 'is not a time zone, such as Europe/Lisbon' })
