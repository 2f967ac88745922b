'use client'

import { plural } from '@/core/units/counted'
import { useRef, useState } from 'react'
import { Maximize } from 'lucide-react'
import { faultWords } from '@/core/edition/fault'
import type { DeskKey } from '@/core/edition/deskKeys'
import { callMeeting } from '@/core/edition/meeting'
import { printsMade, purposeFacts } from '@/core/prove/purpose'
import { dayOf, writeMoment } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { CautionMarks } from '@/ui/CautionMarks'
import { giveFocusUp } from '@/ui/keyUse'
import { ShortcutList } from '@/ui/ShortcutList'
import { ThemeSwitch } from '@/ui/ThemeSwitch'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { PressCaution } from '../bench/cautions'
import { deviceZone } from '@/ui/deviceZone'
import { RollerTap } from '../../press/RollerTimer'
import { DeskHands } from './DeskHands'
import { DeskKeys } from './DeskKeys'
import { DeskOut } from './DeskOut'
import { DeskNotices, type DeskNotice } from './DeskNotices'
import { DeskStanding } from './DeskStanding'
import { DeskWaiting } from './DeskWaiting'
import { MeetingRails } from './MeetingRails'
import type { DeskMemory } from './deskMemory'
import type { Desk } from './deskShape'
import { acceptedAt } from './deskSteps'
import { useDesk } from './useDesk'
import { useDeskSignals } from './useDeskSignals'

const DESK_KEYS: KeyNames = [
  ['Enter', 'The next step; after the pull: written down, then it matches, accepted'],
  ['.', 'The next step of the other rail; judging: set aside'],
  ['0', 'Pulled'],
  ['− and +', 'The moment a minute earlier, later; judging: lighter, darker'],
  ['1 to 9', 'Where a fault is, then what, then what it came from'],
  ['*', 'Rejected; then 1 to 4 or Enter, what becomes of it'],
  ['⌫', 'Back one'],
]

const KEYS: Record<string, DeskKey> = {
  Enter: 'enter',
  NumpadEnter: 'enter',
  PageDown: 'enter',
  Backspace: 'back',
  NumpadAdd: 'plus',
  NumpadSubtract: 'minus',
  Minus: 'minus',
  NumpadDecimal: 'dot',
  Period: 'dot',
  NumpadMultiply: 'star',
}

/** A key of the keyboard as a key of the desk. */
function deskKey({ code, key }: KeyboardEvent): DeskKey | null {
  if (key === '*') return 'star'
  if (key === '+') return 'plus'
  const digit = /^(?:Numpad|Digit)(\d)$/.exec(code)
  return digit ? (digit[1] as DeskKey) : (KEYS[code] ?? null)
}

/** What is checked before a pull, and what is not as at the BAT. */
const beforeThePull = ({ check, doubt, differences, outside }: Desk): DeskNotice[] => [
  ...(doubt ? [{ key: 'doubt', words: doubt, isWarning: true }] : []),
  ...(differences.length > 0
    ? [
        {
          key: 'differences',
          words: `Not as the BAT: ${differences.join('; ')}${outside > 0 ? `; ${outside} outside the tolerance` : ''}`,
          isWarning: outside > 0,
        },
      ]
    : []),
  ...(check ? [{ key: 'check', words: `Before the pull: ${check}` }] : []),
]

/** The pull desk: plate and sheet on their way to the roller, one line that says what to do, and keys for wet hands. */
export default function DeskAtWork({
  first,
  held,
  trouble,
}: {
  /** the desk as it was read last */
  first: Desk
  /** what this device remembers of it */
  held: DeskMemory
  /** why this device keeps nothing; null: it does */
  trouble: string | null
}) {
  const handle = useDesk(first, held, trouble)
  const {
    desk,
    memory,
    set,
    press,
    connection,
    isGapLong,
    addForgotten,
    problem,
    now,
    warmLeft,
    inker,
    next,
  } = handle
  const [isStuck, setStuck] = useState(false)
  const [marks, setMarks] = useState<HTMLElement | null>(null)
  const [over, setOver] = useState<HTMLElement | null>(null)
  const { number, sheet } = next
  const purpose = desk.purpose ?? 'edition'
  const isHeld = desk.batVersion !== null
  const whole = useRef<HTMLElement>(null)
  const { rails, state, draft, queue, role, notes } = memory
  useKey(DESK_KEYS, (event) => {
    const key = deskKey(event)
    if (!key) return false
    press(key)
    return true
  })
  const call = callMeeting(
    { planned: desk.plate, begun: rails.plate.begun },
    { planned: desk.sheet, begun: rails.sheet.begun },
    now,
    sheet,
  )
  const stepAfter = (rail: 'plate' | 'sheet') =>
    desk[rail][rails[rail].begun.length]?.step ?? (rail === 'plate' ? 'Plate is ready' : 'Sheet is ready')
  const [own, other] = role === 'clean' ? (['sheet', 'plate'] as const) : (['plate', 'sheet'] as const)
  const accepted = acceptedAt(desk, queue)
  const fault = state.faults.at(-1)
  // What is said anew of a pull is not held against itself.
  const earlier = fault && !draft?.isJudged && desk.album?.[fault.what]
  const signals = useDeskSignals(desk.title, { plate: desk.plate, sheet: desk.sheet }, rails, own, call, now)
  const stamp = draft && new Date(draft.at + state.shiftMinutes * 60_000).toISOString()
  const notices: DeskNotice[] = [
    ...(problem ? [{ key: 'problem', words: problem, isWarning: true }] : []),
    ...(isStuck && connection === 'away'
      ? [
          {
            key: 'stuck',
            words: 'The server does not answer, so the edition cannot be opened now. The desk goes on.',
            isWarning: true,
          },
        ]
      : []),
    ...(warmLeft > 0 && !desk.stop && state.phase === 'meeting'
      ? [
          {
            key: 'warm',
            words: `Another day: warm-ups, not numbered, until ${warmLeft} more in a row ${plural(warmLeft, 'matches', 'match')}.`,
            act: (
              <Button
                className="shrink-0"
                onClick={() => set({ warmEnded: dayOf(new Date(now).toISOString(), deviceZone()) })}
              >
                Warm-ups done: count from here
              </Button>
            ),
          },
        ]
      : []),
    ...(state.phase === 'meeting' ? beforeThePull(desk) : []),
    ...(notes.length > 0
      ? [
          {
            key: 'notes',
            words: notes.join(' '),
            act: (
              <Button look="quiet" onClick={() => set({ notes: [] })}>
                Seen
              </Button>
            ),
          },
        ]
      : []),
  ]
  if (connection === 'out')
    return <DeskOut slug={desk.slug} title={desk.title} memory={memory} onMemory={set} />
  return (
    <section
      ref={whole}
      aria-label="Pull desk"
      onClick={giveFocusUp}
      className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto bg-ground"
    >
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line">
        <h1 className="station-title text-lg">
          {desk.title}: {(draft ? draft.isWarm : warmLeft > 0) ? 'warm-up' : `pull ${number}`}, sheet {sheet}
        </h1>
        <p className="condensed text-sm">
          {printsMade({ purpose, editionSize: desk.editionSize }, accepted)}
          {desk.batVersion === null ? '' : `, held to BAT ${desk.batVersion}`}
        </p>
        <DeskStanding handle={handle} />
        <span ref={setMarks} className="flex flex-wrap gap-x-3" />
        <a
          href={`/jobs/${desk.slug}/edition`}
          onClick={(event) => {
            // Without the server there is no edition to go to, and the desk would be left for an error.
            if (connection === 'there') return
            event.preventDefault()
            setStuck(true)
          }}
          className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
        >
          Back to the {purposeFacts(purpose).asksBat ? 'edition' : 'prints'}
        </a>
        <span className="flex self-center">
          <button
            type="button"
            aria-label="Full screen"
            className="grid size-11 place-items-center"
            onClick={() =>
              void (document.fullscreenElement
                ? document.exitFullscreen()
                : whole.current?.requestFullscreen())
            }
          >
            <Maximize size={18} aria-hidden />
          </button>
          <ShortcutList />
          <ThemeSwitch />
        </span>
      </div>
      <CautionMarks marks={marks} over={over}>
        {!desk.isByHand && <PressCaution />}
      </CautionMarks>
      <DeskNotices notices={notices} />
      {desk.stop && !draft && <p className="border border-line bg-raised p-4 text-lg">{desk.stop}</p>}
      {state.phase === 'meeting' && (
        <>
          <p
            data-said
            data-occasion={`${desk.stop} ${rails.plate.begun.length} ${rails.sheet.begun.length} ${call.inSeconds === null ? call.gapSeconds > 0 : 'in'}`}
            className="far-number text-[clamp(2rem,5vw,64px)] leading-none"
          >
            {desk.stop ? 'Nothing to pull' : call.words}
          </p>
          <div className="min-h-32 flex-[3] basis-0">
            <MeetingRails
              planned={{ plate: desk.plate, sheet: desk.sheet }}
              rails={rails}
              courses={desk.courses}
              now={now}
            />
          </div>
          {desk.settings && (
            <RollerTap
              jobId={desk.id}
              plateMm={desk.settings.plate.heightMm}
              wanted={desk.settings.press.secondsOnPlate}
            />
          )}
        </>
      )}
      {state.phase !== 'meeting' && draft && (
        <div>
          <p className="text-lg">
            {state.phase === 'moment'
              ? 'Write this on the sheet before the peel:'
              : isHeld
                ? 'Side by side with the BAT:'
                : 'Look at the print:'}
          </p>
          <p className="far-number text-[clamp(2rem,6vw,72px)] leading-none">
            {stamp && writeMoment(stamp, deviceZone())}
          </p>
          <p className="mt-1 text-lg">
            {state.shiftMinutes !== 0
              ? `${-state.shiftMinutes} min earlier than now: kept as estimated. `
              : ''}
            {draft.isJudged ? 'Taken back: what you say now amends what was said.' : ''}
            {state.seen ? `The eye: ${state.seen}. ` : ''}
            {state.faults.map((fault) => `◆ ${faultWords(fault)}`).join('; ')}
          </p>
          {earlier && (
            <p data-said className="text-lg">
              {earlier}
            </p>
          )}
          {isGapLong && (
            <p
              data-said
              className="mt-2 flex flex-wrap items-center gap-3 border-l-4 border-text bg-raised px-3 text-lg"
            >
              It took much longer than the pulls before: one pull or two?{' '}
              <Button className="min-h-22" onClick={addForgotten}>
                Two: log the one before
              </Button>
            </p>
          )}
        </div>
      )}
      {/* Over what is looked at, and never over a key. */}
      <div className="relative">
        <div ref={setOver} className="absolute inset-x-0 bottom-0 z-10" />
      </div>
      <DeskKeys
        state={state}
        next={stepAfter(own)}
        other={stepAfter(other)}
        isHeld={isHeld}
        hasPieces={(desk.settings?.register.colle.length ?? 0) > 0}
        disabled={desk.stop !== null && !draft}
        onPress={press}
      />
      <div className="relative mt-auto grid gap-x-6 border-t border-line sm:grid-cols-2">
        <DeskHands memory={memory} inker={inker} signals={signals} onSet={set} />
        <DeskWaiting slug={desk.slug} memory={memory} onMemory={set} />
      </div>
    </section>
  )
}
