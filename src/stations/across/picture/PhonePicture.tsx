'use client'

import { useEffect, useRef, useState } from 'react'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { QrCode } from '@/ui/QrCode'
import type { QrShape } from '@/ui/qrOf'
import { sendAct } from '../act/sendAct'
import { collectPictureAction, forgetPictureAction, wantPictureAction } from './actions'
import type { UploadedPicture } from './uploadPicture'

/** How often it is asked whether the picture is there, ms. */
const ASK_MS = 1500

/** A picture taken with a phone: a code opens its camera, and the picture comes to this field. */
export default function PhonePicture({
  label,
  disabled,
  onPicture,
}: {
  label: string
  disabled: boolean
  onPicture: (picture: UploadedPicture) => void | Promise<void>
}) {
  const [wanted, setWanted] = useState<{ id: string; url: string; qr: QrShape } | null>(null)
  const [said, setSaid] = useState<string>()
  const want = async () => {
    const answer = await sendAct(wantPictureAction, { what: label })
    setSaid(answer.ok ? undefined : answer.problems[0].message)
    if (answer.ok) setWanted(answer.wanted)
  }
  const id = wanted?.id
  // Handed over once: it must not be asked for by a call whose answer nobody waits for any more.
  const give = useRef(onPicture)
  useEffect(() => {
    give.current = onPicture
  })
  useEffect(() => {
    if (id === undefined) return
    let isAsking = false
    const look = async () => {
      if (isAsking) return
      isAsking = true
      const answer = await sendAct(collectPictureAction, { id })
      isAsking = false
      if (!answer.ok || answer.standing.stand === 'wanted') return
      clearInterval(again)
      setWanted(null)
      if (answer.standing.stand === 'taken') await give.current(answer.standing.picture)
      else setSaid('The code was good for ten minutes: ask for a new one.')
    }
    const again = setInterval(() => void look(), ASK_MS)
    return () => clearInterval(again)
  }, [id])
  const close = () => {
    if (id) void sendAct(forgetPictureAction, { id })
    setWanted(null)
  }
  return (
    <span>
      <Button look="quiet" disabled={disabled} onClick={() => void want()}>
        Take it with a phone
      </Button>
      {said && (
        <span data-said className="block text-sm">
          {said}
        </span>
      )}
      {wanted && (
        <Dialog title={label} open onOpenChange={(open) => !open && close()}>
          <QrCode qr={wanted.qr} says={`${wanted.url} as a QR code`} className="mx-auto size-72 max-w-full" />
          <p className="mt-3">
            Open the phone’s camera on this code, within ten minutes. It is good for one picture, which comes
            here by itself.
          </p>
          <p className="mt-2 text-sm text-muted">
            The phone has to be in this network. Where it warns of the certificate, see Devices.
          </p>
        </Dialog>
      )}
    </span>
  )
}
