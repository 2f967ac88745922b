import { useState } from 'react'
import type { PressEvent, PressStanding } from '@/core/press/pressCard'
import { saidDayOf } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { useZone } from '@/ui/ViewerZone'
import { PictureField } from '../across/picture/PictureField'
import { testPrintWords } from './cardWords'

/** The press's own test print: the last one, and a new one with what it shows. */
export function TestPrint({
  busy,
  last,
  onKeep,
}: {
  busy: boolean
  last: PressStanding['testPrint']
  onKeep: (event: PressEvent) => Promise<boolean>
}) {
  const zone = useZone()
  const [note, setNote] = useState('')
  const [imageId, setImage] = useState<string | null>(null)
  return (
    <section aria-label="Test print" className="border-t border-line pt-3">
      <h2 className="station-title">Test print</h2>
      <p className="text-sm text-muted">{testPrintWords(last, zone)}</p>
      {last?.imageId && (
        <img
          src={`/pictures/${last.imageId}/thumb`}
          alt={`Test print of ${saidDayOf(last.at, zone)}`}
          className="mt-1 max-h-40 border border-line"
        />
      )}
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <TextField label="What it shows" value={note} onText={setNote} />
        <PictureField
          label="Picture of the test print"
          hint={imageId ? '; one is taken' : ''}
          onPicture={({ id }) => setImage(id)}
        />
      </div>
      <Button
        className="mt-2"
        disabled={busy}
        onClick={() =>
          void onKeep({ kind: 'test-print', note, imageId }).then((kept) => {
            if (!kept) return
            setNote('')
            setImage(null)
          })
        }
      >
        Save the test print
      </Button>
    </section>
  )
}
