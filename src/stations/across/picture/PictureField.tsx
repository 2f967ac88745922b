'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { Field } from '@/ui/Field'
import { useIsShared } from '../device/SharedContext'
import { LARGEST_MB, uploadPicture, type RefusedPicture, type UploadedPicture } from './uploadPicture'

const PhonePicture = dynamic(() => import('./PhonePicture'), { ssr: false })
const PageChoice = dynamic(() => import('./PageChoice'), { ssr: false })

const KINDS = 'image/png,image/jpeg,image/webp,image/avif,image/tiff'

/** What is said of a file that was not taken. */
const refusalWords = ({ message, pages }: RefusedPicture): string =>
  pages ? `This file has ${pages.length} pages: choose the one that is meant.` : message

/** Asks for a picture and keeps it; what is wrong with the file stands at the field, and the field is empty again afterwards. Of a file of several pages it is asked which is meant. */
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
  const [refused, setRefused] = useState<{ file: File; why: RefusedPicture }>()
  const isShared = useIsShared()
  const take = async (file: File, page?: number) => {
    setBusy(true)
    const kept = await uploadPicture(file, page)
    setRefused('message' in kept ? { file, why: kept } : undefined)
    if (!('message' in kept)) await onPicture(kept)
    setBusy(false)
  }
  const choose = async (input: HTMLInputElement) => {
    const file = input.files?.[0]
    if (file) await take(file)
    input.value = ''
  }
  const field = (
    <div className={isShared ? undefined : className}>
      <Field
        label={label}
        problem={refused ? refusalWords(refused.why) : problem}
        hint={busy ? 'Keeping the picture…' : `PNG, JPEG, WebP, AVIF or TIFF, up to ${LARGEST_MB} MB${hint}`}
      >
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept={KINDS}
            disabled={busy}
            onChange={(event) => void choose(event.currentTarget)}
          />
        )}
      </Field>
      {refused?.why.pages && (
        <PageChoice
          pages={refused.why.pages}
          disabled={busy}
          onPick={(page) => void take(refused.file, page)}
        />
      )}
    </div>
  )
  if (!isShared) return field
  return (
    <div className={`flex flex-wrap items-end gap-x-4 ${className ?? ''}`}>
      {field}
      <PhonePicture label={label} disabled={busy} onPicture={onPicture} />
    </div>
  )
}
