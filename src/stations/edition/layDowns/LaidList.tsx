import { layDownWords } from '@/core/edition/layDownWords'
import type { LayDown } from '@/core/edition/layDown'
import { placesOf } from '@/core/edition/laidPlaces'
import { PictureField } from '../../across/picture/PictureField'
import { lookAt, type LayDownBench } from './nextLayDown'
import { Swatch } from '../../ink/Swatch'

/** What lies on the print, in the order it was laid, each with its picture; the last still wants one. */
export function LaidList({
  layDowns,
  bench,
  busy,
  onPicture,
}: {
  layDowns: readonly LayDown[]
  bench: LayDownBench
  busy: boolean
  onPicture: (layDown: LayDown, imageId: string) => Promise<boolean>
}) {
  const last = layDowns.at(-1)
  if (!last) return <p>Nothing was laid on it here yet.</p>
  return (
    <>
      <ol aria-label="Lay-downs of this print" className="grid gap-1">
        {layDowns.map((one, i) => {
          const until = layDowns.slice(0, i + 1)
          const colours = placesOf(until).flatMap((at) => lookAt(until, at, bench) ?? [])
          return (
            <li key={one.number} className="flex items-center gap-3 border-b border-line py-1">
              {one.imageId ? (
                <img src={`/pictures/${one.imageId}/thumb`} alt="" className="size-16 object-contain" />
              ) : (
                colours.length > 0 && <Swatch colours={colours} label="Forecast" className="size-16" />
              )}
              <span>
                <b>{one.number}.</b> {layDownWords(one)}
              </span>
            </li>
          )
        })}
      </ol>
      {!last.imageId && (
        <PictureField
          label={`A picture after lay-down ${last.number}`}
          onPicture={async ({ id }) => {
            if (!busy) await onPicture(last, id)
          }}
        />
      )}
    </>
  )
}
