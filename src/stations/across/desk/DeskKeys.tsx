import { causesOfFault, FAULT_KEYS, NINTHS, REJECT_REASONS_SHOWN, type Ninth } from '@/core/edition/fault'
import { CAUSES } from '@/core/prove/causes'
import { FATE_KEYS, type DeskKey, type DeskState } from '@/core/edition/deskKeys'
import { FATES } from '@/core/edition/pullKinds'

const DIGITS: Ninth[] = [7, 8, 9, 4, 5, 6, 1, 2, 3]

interface Twin {
  key: DeskKey
  cap: string
  words: string
  main?: boolean
}

/** What each key does now: the twins of the keypad on the screen. */
function twins(phase: DeskState['phase'], words: { next: string; other: string }, isHeld: boolean): Twin[] {
  if (phase === 'meeting')
    return [
      { key: 'enter', cap: 'Enter', words: words.next, main: true },
      { key: 'dot', cap: '.', words: words.other },
      { key: '0', cap: '0', words: 'Pulled' },
      { key: 'back', cap: '⌫', words: 'Go back one' },
    ]
  if (phase === 'moment')
    return [
      { key: 'enter', cap: 'Enter', words: 'Noted: peel the print', main: true },
      { key: 'minus', cap: '−', words: 'A minute earlier' },
      { key: 'plus', cap: '+', words: 'A minute later' },
      { key: 'back', cap: '⌫', words: 'Not pulled' },
    ]
  if (phase === 'reject')
    return [
      { key: 'enter', cap: 'Enter', words: 'Rejected, destroyed', main: true },
      ...(Object.entries(FATE_KEYS) as [DeskKey, keyof typeof FATES][])
        .slice(1)
        .map(([key, fate]) => ({ key, cap: key, words: FATES[fate] })),
      { key: 'back', cap: '⌫', words: 'Not rejected' },
    ]
  if (phase === 'fault') return [{ key: 'back', cap: '⌫', words: 'No fault' }]
  return [
    { key: 'enter', cap: 'Enter', words: isHeld ? 'Matches: accept' : 'Keep it', main: true },
    { key: 'minus', cap: '−', words: 'Lighter' },
    { key: 'plus', cap: '+', words: 'Darker' },
    { key: 'dot', cap: '.', words: 'Set aside' },
    { key: 'star', cap: '*', words: 'Reject…' },
    { key: 'back', cap: '⌫', words: 'Go back one' },
  ]
}

/** On-screen twins of the keypad, large enough for a knuckle; only keys that do something now are there. */
export function DeskKeys({
  state,
  next,
  other,
  isHeld,
  hasPieces,
  disabled,
  onPress,
}: {
  state: DeskState
  next: string
  other: string
  /** there is a BAT it is held to */
  isHeld: boolean
  /** thin paper is stuck on with the pull */
  hasPieces: boolean
  disabled: boolean
  onPress: (key: DeskKey) => void
}) {
  const asksWhere = state.phase === 'judge'
  const grid = asksWhere || state.phase === 'fault'
  const asked = state.phase === 'cause' ? state.faults.at(-1)!.what : null
  const cap =
    'flex min-h-22 min-w-22 flex-col items-center justify-center border border-edge px-2 text-center leading-tight disabled:text-muted'
  return (
    <div
      className={`grid gap-3 ${grid || asked ? 'lg:grid-cols-2' : 'min-h-46 flex-[2] basis-0 sm:min-h-22'}`}
    >
      <div
        className={`grid grid-cols-2 gap-2 ${grid || asked ? 'sm:grid-cols-3' : 'sm:grid-cols-4'}`}
        role="group"
        aria-label="Keys"
      >
        {twins(state.phase, { next, other }, isHeld).map(({ key, cap: label, words, main }) => (
          <button
            key={key}
            type="button"
            disabled={disabled}
            onClick={() => onPress(key)}
            className={`${cap} ${main ? 'bg-text font-semibold text-ground disabled:opacity-60' : 'bg-raised'}`}
          >
            <span className="text-xl">{words}</span>
            <span className="condensed text-sm opacity-80" aria-hidden>
              {label}
            </span>
          </button>
        ))}
      </div>
      {asked && (
        <div>
          <p className="mb-1">“{REJECT_REASONS_SHOWN[asked]}”: what it came from, if you can tell:</p>
          <div className="grid gap-1" role="group" aria-label="What it came from">
            {causesOfFault(asked).map((cause, i) => (
              <button
                key={cause}
                type="button"
                onClick={() => onPress(`${(i + 1) as Ninth}`)}
                className="flex min-h-14 items-center gap-3 border border-edge bg-raised px-3 py-1 text-left leading-tight"
              >
                <span className="condensed text-sm opacity-80" aria-hidden>
                  {i + 1}
                </span>
                <span>
                  <b>{CAUSES[cause].label}</b>: {CAUSES[cause].sign}
                </span>
              </button>
            ))}
            <button
              type="button"
              onClick={() => onPress('0')}
              className="flex min-h-14 items-center gap-3 border border-edge bg-raised px-3 py-1 text-left"
            >
              <span className="condensed text-sm opacity-80" aria-hidden>
                0
              </span>
              Not known
            </button>
          </div>
        </div>
      )}
      {grid && (
        <div>
          <p className="mb-1">
            {asksWhere
              ? 'A fault? Where on the print, by the keypad:'
              : `What is wrong, ${NINTHS[state.where!]}:`}
          </p>
          <div
            className="grid grid-cols-3 gap-1"
            role="group"
            aria-label={asksWhere ? 'Where a fault is' : 'What is wrong'}
          >
            {(asksWhere || !hasPieces ? DIGITS : [...DIGITS, 0 as const]).map((digit) => (
              <button
                key={digit}
                type="button"
                onClick={() => onPress(`${digit}`)}
                className={`${cap} bg-raised`}
              >
                <span>
                  {asksWhere && digit !== 0 ? NINTHS[digit] : REJECT_REASONS_SHOWN[FAULT_KEYS[digit]]}
                </span>
                <span className="condensed text-sm opacity-80" aria-hidden>
                  {digit}
                </span>
              </button>
            ))}
          </div>
        </div>
      )}
    </div>
  )
}
