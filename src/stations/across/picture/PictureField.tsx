'use client'

import { useState } from 'react'
import { Field } from '@/ui/Field'
import { LARGEST_MB, uploadPicture, type UploadedPicture } from './uploadPicture'

const KINDS = 'image/png,image/jpeg,image/webp,image/tiff'

/** Asks for a picture and keeps it; what is wrong with the file stands at the field, and the field is empty again afterwards. */
export function PictureField({
  label,
  problem,
  hint = '',
  className,
  onPicture,
}: {
  label: string
  problem?: string
  /** said after which files are taken, while nothing is under way */
  hint?: string
  className?: string
  /** what becomes of the picture once the server has it */
  onPicture: (picture: UploadedPicture) => void | Promise<void>
}) {
  const [busy, setBusy] = useState(false)
  const [refusal, setRefusal] = useState<string>()
  const take = async (field: HTMLInputElement) => {
    const file = field.files?.[0]
    if (!file) return
    setBusy(true)
    const kept = await uploadPicture(file)
    setRefusal('message' in kept ? kept.message : undefined)
    if (!('message' in kept)) await onPicture(kept)
    setBusy(false)
    field.value = ''
  }
  return (
    <Field
      label={label}
      problem={refusal ?? problem}
      hint={busy ? 'Keeping the picture…' : `PNG, JPEG, WebP or TIFF, up to ${LARGEST_MB} MB${hint}`}
      className={className}
    >
      {(ids) => (
        <input
          {...ids}
          type="file"
          accept={KINDS}
          disabled={busy}
          onChange={(event) => void take(event.currentTarget)}
        />
      )}
    </Field>
  )
}
