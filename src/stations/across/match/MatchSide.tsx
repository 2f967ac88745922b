'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { MATCH_CHECK_KEYS, MATCH_CHECKS, toleranceOf } from '@/core/match/checks/matchCheck'
import type { ShownMatch } from '@/core/match/matchImpression'
import { flawNotes, pictureRemarks } from '@/core/match/matchReport'
import { isBorne } from '@/core/match/pictureFlaws'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { useJob } from '../bench/BenchContext'
import type { MatchRoomHandle } from './useMatchRoom'
import { GreyStripLink } from './GreyStripLink'
import { PictureTools } from './PictureTools'
import { keptWords, wholeWords } from './words'

const CheckLedger = dynamic(() => import('./CheckLedger').then((module) => module.CheckLedger), {
  ssr: false,
})
/** How far each check may stray before it differs. */
function Tolerances({ room: { state, act } }: { room: MatchRoomHandle }) {
  return (
    <details className="mt-2">
      <summary className="min-h-11 py-2">How far each may stray</summary>
      <div className="grid grid-cols-2 gap-2">
        {MATCH_CHECK_KEYS.map((check) => (
          <NumberField
            key={check}
            label={MATCH_CHECKS[check].label}
            unit={MATCH_CHECKS[check].unit}
            value={toleranceOf(state.tolerances, check)}
            onValue={(value) => act({ kind: 'tolerate', check, value })}
          />
        ))}
      </div>
      <p className="mt-1 text-sm text-muted">Saved with the verdict, and used for the next print.</p>
    </details>
  )
}

/** Where a print lay wrong is kept for the station that says what to do about it. */
function MisfitOffer({ room: { view, busy, keepMisfit }, slug }: { room: MatchRoomHandle; slug: string }) {
  if (view.standings.get('register') !== 'differs' && view.standings.get('turn') !== 'differs') return null
  return (
    <p className="mt-2">
      {view.isMisfitKept ? (
        <>
          Saved as a misfit: the station{' '}
          <Link href={`/jobs/${slug}/register`} className="underline underline-offset-4">
            Register
          </Link>{' '}
          says what to do.
        </>
      ) : (
        <Button disabled={busy} onClick={() => void keepMisfit()}>
          Save where it lay as a misfit of the plate
        </Button>
      )}
    </p>
  )
}

const PICTURES = [
  ['reference', 'The BAT’s picture'],
  ['impression', 'This print’s picture'],
] as const

/** What the comparison says of the print, check by check, and how it is written on it. */
export function MatchSide({
  room,
  bat,
  pull,
  match,
}: {
  room: MatchRoomHandle
  bat: Pull
  pull: Pull
  match: ShownMatch
}) {
  const { slug } = useJob()
  const { state, view, act, busy } = room
  const notes = PICTURES.flatMap(([which, of]) => [
    ...flawNotes(match, which).map((note) => `◆ ${of}: ${note}`),
    ...pictureRemarks(match, which).map((note) => `△ ${of}: ${note}`),
  ])
  return (
    <div>
      <h2 data-said className="station-title text-lg">
        {wholeWords([...view.standings.values()], match.flaws)}
      </h2>
      {notes.map((note) => (
        <p key={note} className="mt-1 text-sm">
          {note}
        </p>
      ))}
      {(['other-device', 'own-contrast'] as const).some((flaw) => match.flaws.impression.includes(flaw)) && (
        <GreyStripLink />
      )}
      {!isBorne(match.flaws) && <PictureTools room={room} bat={bat} match={match} />}
      <p className="mt-2 mb-3 text-sm text-muted">{keptWords(readPull(pull).match)}</p>
      <Button look="main" disabled={busy} className="mb-3 w-full" onClick={room.keepVerdict}>
        Write the verdict on pull {pull.number}
      </Button>
      <CheckLedger
        checks={match.checks}
        standings={view.standings}
        tolerances={state.tolerances}
        bat={bat.settings}
        settings={pull.settings}
        slug={slug}
        onShow={(check) => act({ kind: 'show', check, places: view.places })}
      />
      <MisfitOffer room={room} slug={slug} />
      <Tolerances room={room} />
      {isBorne(match.flaws) && <PictureTools room={room} bat={bat} match={match} />}
    </div>
  )
}
