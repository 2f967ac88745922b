'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { Pull } from '@/core/edition/pull'
import type { Corners } from '@/core/match/homography'
import type { ShownMatch } from '@/core/match/matchImpression'
import type { Scan } from '@/core/match/scan'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import type { MatchRoomHandle } from './useMatchRoom'

const CornersDialog = dynamic(() => import('./CornersDialog').then((module) => module.CornersDialog), {
  ssr: false,
})
const PlateMarkDialog = dynamic(() => import('./PlateMarkDialog').then((module) => module.PlateMarkDialog), {
  ssr: false,
})
const ScanField = dynamic(() => import('./ScanField').then((module) => module.ScanField), { ssr: false })

/** Where the rings lie in a picture whose sheet was not found: within it, to be drawn out to the sheet. */
const NOT_FOUND: Corners = [
  [0.06, 0.06],
  [0.94, 0.06],
  [0.94, 0.94],
  [0.06, 0.94],
]

/** What can be done about one of the pictures, whatever was said of it: the corners of its sheet, or another picture in its place. */
function OfOnePicture({
  room: { busy, setCorners, addScan, model, state },
  of,
  scan,
  what,
  found,
}: {
  room: MatchRoomHandle
  of: Pull
  scan: Scan
  what: string
  found: Corners | null
}) {
  const [isOther, setIsOther] = useState(false)
  const put = async (next: Scan) => {
    const isKept = await addScan(of, next, 'another picture')
    if (isKept) setIsOther(false)
    return isKept
  }
  return (
    <>
      <CornersDialog
        what={`the picture of ${what}`}
        imageId={scan.imageId}
        corners={found ?? (scan.corners as Corners | null) ?? NOT_FOUND}
        busy={busy}
        onKeep={(corners) => setCorners(of, scan, corners)}
      />
      <Dialog
        title={`Another picture of ${what}`}
        open={isOther}
        trigger={<Button look="quiet">Another picture of {what}</Button>}
        onOpenChange={setIsOther}
      >
        <ScanField
          what={`${what}, ${state.dry ? 'dry' : 'wet'}`}
          dry={state.dry}
          onScan={put}
          onModel={() => model(of)}
        />
      </Dialog>
    </>
  )
}

/** What can be done about the two pictures that are compared. @param match null: they could not be compared as they are */
export function PictureTools({
  room,
  bat,
  match,
}: {
  room: MatchRoomHandle
  bat: Pull
  match: ShownMatch | null
}) {
  const { ours, theirs, pull, straight } = room.view
  return (
    <div className="mt-2 flex flex-wrap gap-x-4">
      {ours && (
        <OfOnePicture
          room={room}
          of={bat}
          scan={ours}
          what="the BAT"
          found={match?.corners.reference ?? null}
        />
      )}
      {ours && straight && (
        <PlateMarkDialog
          straight={straight}
          busy={room.busy}
          onKeep={(plateAt) => void room.addScan(bat, { ...ours, plateAt }, 'plate mark set by hand')}
        />
      )}
      {theirs && pull && (
        <OfOnePicture
          room={room}
          of={pull}
          scan={theirs}
          what={`pull ${pull.number}`}
          found={match?.corners.impression ?? null}
        />
      )}
    </div>
  )
}
