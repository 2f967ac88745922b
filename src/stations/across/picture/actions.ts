'use server'

import { z } from 'zod'
import { FieldError } from '@/data/database/errors'
import { qrOf } from '@/ui/qrOf'
import { sharingNow, type Sharing } from '@/server/share/sharing'
import { ask } from '../act/act'

/** @throws FieldError where the workshop is not shared */
function shared(): Sharing {
  const sharing = sharingNow()
  if (sharing) return sharing
  throw new FieldError([
    { field: '', message: 'A phone does not reach this workshop: start it with --share.' },
  ])
}

/** Wants a picture for a field, to be taken once with whatever device is shown the address. Nothing of it is kept. */
export const wantPictureAction = ask(
  z.strictObject({ what: z.string().trim().min(1).max(200) }),
  'desk',
  async ({ what }) => {
    const { pictures, urls } = shared()
    const wanted = pictures.want(what)
    if (!wanted)
      throw new FieldError([{ field: '', message: 'Too many pictures are wanted at once: wait for some.' }])
    const url = `${urls[0]}/take/${wanted.token}`
    return { wanted: { id: wanted.id, url, qr: qrOf(url) } }
  },
)

/** How it stands with a picture that a field wants. */
export const collectPictureAction = ask(
  z.strictObject({ id: z.string().min(1).max(100) }),
  'desk',
  async ({ id }) => ({ standing: shared().pictures.collect(id) }),
)

/** A field waits no longer. */
export const forgetPictureAction = ask(
  z.strictObject({ id: z.string().min(1).max(100) }),
  'desk',
  async ({ id }) => {
    shared().pictures.forget(id)
    return {}
  },
)
