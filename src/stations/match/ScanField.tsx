'use client'

import { useState } from 'react'
import { TAKEN, type Scan } from '@/core/match/scan'
import { Choice } from '@/ui/Choice'
import { Field } from '@/ui/Field'
import { uploadPicture } from '../plate/uploadPicture'

/** Asks for the picture of an impression: how it was taken first, since a wet print never goes on the scanner. */
export function ScanField({ what, dry, problem, onScan }: { what: string; dry: boolean; problem?: string; onScan: (scan: Scan) => Promise<void> }) {
  const [taken, setTaken] = useState<Scan['taken']>(dry ? 'scanner' : 'camera')
  const [busy, setBusy] = useState(false)
  const [said, setSaid] = useState<string>()
  const choose = async (file: File | undefined) => {
    if (!file) return
    setBusy(true)
    const kept = await uploadPicture(file)
    if ('id' in kept) await onScan({ imageId: kept.id, taken: dry ? taken : 'camera', dry, corners: null })
    setSaid('id' in kept ? undefined : kept.message)
    setBusy(false)
  }
  return (
    <div className="grid gap-2">
      {dry ? <Choice label={`How ${what} was taken`} value={taken} options={Object.entries(TAKEN) as [Scan['taken'], string][]} onPick={setTaken} /> : <p className="text-sm">A wet print never goes on the scanner: photograph it from above, the whole sheet on something dark.</p>}
      <Field label={`Picture of ${what}`} problem={said ?? problem} hint={busy ? 'Keeping the picture…' : 'PNG, JPEG, WebP or TIFF, up to 40 MB: the whole sheet, something darker round it.'} className="max-w-96">
        {(ids) => <input {...ids} type="file" accept="image/png,image/jpeg,image/webp,image/tiff" disabled={busy} onChange={({ target }) => void choose(target.files?.[0])} />}
      </Field>
    </div>
  )
}
