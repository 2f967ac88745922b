'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { Field } from '@/ui/Field'
import { useIsShared } from '../device/SharedContext'
import { LARGEST_MB, uploadPicture, type UploadedPicture } from './uploadPicture'

const PhonePicture = dynamic(() => import('./PhonePicture'), { ssr: false })

const KINDS = 'image/png,image/jpeg,image/webp,image/avif,image/tiff'

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
  const isShared = useIsShared()
  const take = async (input: HTMLInputElement) => {
    const file = input.files?.[0]
    if (!file) return
    setBusy(true)
    const kept = await uploadPicture(file)
    setRefusal('message' in kept ? kept.message : undefined)
    if (!('message' in kept)) await onPicture(kept)
    setBusy(false)
    input.value = ''
  }
  const field = (
    <Field
      label={label}
      problem={refusal ?? problem}
      hint={busy ? 'Keeping the picture…' : `PNG, JPEG, WebP or TIFF, up to ${LARGEST_MB} MB${hint}`}
      className={isShared ? undefined : className}
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
  if (!isShared) return field
  return (
    <div className={`flex flex-wrap items-end gap-x-4 ${className ?? ''}`}>
      {field}
      <PhonePicture label={label} disabled={busy} onPicture={onPicture} />
    </div>
  )
}
