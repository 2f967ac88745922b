import Link from 'next/link'
import { NINTHS, REJECT_REASONS_SHOWN, type RejectReason } from '@/core/edition/fault'
import { subjectWords, usualRemedies, type AlbumSubject } from '@/core/edition/albumSubject'
import { countCures, type FaultCase } from '@/core/edition/faultAlbum'
import { cropAt } from '@/core/edition/impressionPicture'
import { CAUSE_LABELS } from '@/core/prove/faultCause'
import { nameOfPull } from '@/core/record/withdrawal'
import { capital } from '@/core/units/capital'
import { counted } from '@/core/units/counted'
import { saidDayOf } from '@/core/units/moment'
import { Panel } from '@/ui/Panel'
import { CropOfPrint } from '../../across/print/CropOfPrint'
import { faultAnswer } from './answers'

/** The middle of each ninth of a print, shares from its top left. */
const PLACE: Record<keyof typeof NINTHS, readonly [number, number]> = {
  7: [1 / 6, 1 / 6],
  8: [1 / 2, 1 / 6],
  9: [5 / 6, 1 / 6],
  4: [1 / 6, 1 / 2],
  5: [1 / 2, 1 / 2],
  6: [5 / 6, 1 / 2],
  1: [1 / 6, 5 / 6],
  2: [1 / 2, 5 / 6],
  3: [5 / 6, 5 / 6],
}

function OneCase({ one }: { one: FaultCase }) {
  const { title, slug, pull, where, cause, picture, cure } = one
  const name = nameOfPull(pull)
  return (
    <li className="grid grid-cols-[9rem_minmax(0,1fr)] gap-4 border-t border-line py-2">
      {picture ? (
        <CropOfPrint
          imageId={picture.imageId}
          crop={cropAt(picture.plate, where === null ? [0.5, 0.5] : PLACE[where], where === null ? 1 : 2)}
          aspect={3 / 2}
          words={`${title}, ${name}`}
        />
      ) : (
        <span className="grid aspect-3/2 place-items-center bg-ground text-sm text-muted">no picture</span>
      )}
      <div>
        <p className="font-semibold">
          <Link
            href={`/jobs/${slug}/${pull.kind === 'proof' ? 'prove' : 'edition'}`}
            className="underline-offset-4 hover:underline"
          >
            {title}, {name}
          </Link>
        </p>
        <p className="text-sm text-muted">
          {[saidDayOf(pull.pulledAt, pull.zone), where && NINTHS[where], cause && CAUSE_LABELS[cause]]
            .filter(Boolean)
            .join(', ')}
        </p>
        <p className="mt-1">
          {cure === null && 'Not cured yet: no later print is known to be without it.'}
          {cure && (
            <>
              Gone {cure.after === 1 ? 'with the next print' : `${counted(cure.after, 'print')} later`}:{' '}
              <b>{cure.changes.join('; ') || 'nothing was set otherwise'}</b>
            </>
          )}
        </p>
      </div>
    </li>
  )
}

/** Earlier prints with a fault, at the place it was seen, and what was otherwise once it was gone. */
export function FaultAlbum({ what, cases }: { what: AlbumSubject; cases: readonly FaultCase[] }) {
  const cures = countCures(cases)
  const usual = usualRemedies(what)
  return (
    <Panel title={`Fault album: ${subjectWords(what)}`} answer={faultAnswer(what, cases)}>
      <nav aria-label="Faults" className="mb-3 flex flex-wrap gap-x-4">
        {(Object.entries(REJECT_REASONS_SHOWN) as [RejectReason, string][]).map(([key, words]) => (
          <Link
            key={key}
            href={`/faults/${encodeURIComponent(key)}`}
            aria-current={key === what ? 'page' : undefined}
            className="inline-flex min-h-11 items-center underline-offset-4 hover:underline aria-[current=page]:border-b-2 aria-[current=page]:border-text aria-[current=page]:font-semibold"
          >
            {capital(words)}
          </Link>
        ))}
      </nav>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <section aria-label="Prints that had it">
          <h2 className="station-title">Prints that had it</h2>
          {cases.length === 0 && <p>None so far.</p>}
          <ul>
            {cases.map((one) => (
              <OneCase key={`${one.slug} ${one.pull.id}`} one={one} />
            ))}
          </ul>
        </section>
        <aside>
          {cures.length > 0 && (
            <>
              <h2 className="station-title">Changed when it went</h2>
              <ul>
                {cures.map(({ change, times }) => (
                  <li key={change} className="flex justify-between gap-3 border-t border-line py-1">
                    <span>{change ?? 'nothing set otherwise'}</span> <b>{times} ×</b>
                  </li>
                ))}
              </ul>
            </>
          )}
          {usual.length > 0 && (
            <>
              <h2 className="station-title mt-4">Where the trade looks</h2>
              <ul>
                {usual.map((words) => (
                  <li key={words} className="border-t border-line py-1">
                    {words}
                  </li>
                ))}
              </ul>
              <p className="mt-2 text-sm text-muted">Common practice; your own prints say more.</p>
            </>
          )}
        </aside>
      </div>
    </Panel>
  )
}
