'use client'

import { onShelf } from '@/core/units/onShelf'
import dynamic from 'next/dynamic'
import { isHandKind } from '@/core/press/pressKind'
import { MAKE_READY } from '@/core/press/laidStack'
import { DIRECTIONS, type PressSetting } from '@/core/press/pressSetting'
import { WAYS_OF_READING } from '@/core/press/waysOfReading'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import type { FieldProblem } from '@/data/database/errors'
import type { StorePress } from '@/data/press/presses'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'
import type { Loose } from '../across/bench/useStation'
import { canBeCarried, isReadOtherwise, wholePress, withPress } from './emptyPress'
import { ZeroLine } from './ZeroLine'

/** Only who has a press that is not in the list needs it. */
const NewPressDialog = dynamic(
  () => import('../shop/store/NewPressDialog').then(({ NewPressDialog: dialog }) => dialog),
  { ssr: false, loading: () => <span className="inline-block min-h-11" /> },
)

interface PressChoiceProps {
  value: Loose<PressSetting>
  presses: readonly StorePress[]
  problems: readonly FieldProblem[]
  onChange: (patch: Partial<Loose<PressSetting>>) => void
}

/** A press as it stands in a list: its name, and its thread where that is what it is known by. */
const optionOf = ({ id, name, thread }: StorePress) => [id, thread ? `${name} (${thread})` : name] as const

/** The press, and what is set at it beside its pressure; folded under one line once it is chosen. */
export function PressChoice({ value, presses, problems, onChange }: PressChoiceProps) {
  const press = wholePress(value)
  const stock = presses.find(({ id }) => id === value.pressId)
  const isHand = stock !== undefined && isHandKind(stock.kind)
  return (
    <>
      <Folded
        summary={<FoldedLine title="Press" value={press ? pressWords(press) : 'not chosen yet'} />}
        isOpen={!value.pressId || problems.length > 0}
      >
        <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-5">
          <SelectField
            label="Press"
            anchor="press-choice"
            value={value.pressId ?? ''}
            options={[['', 'choose…'], ...onShelf(presses, value.pressId).map(optionOf)]}
            problem={problemAt(problems, 'pressId') && 'Choose a press.'}
            onPick={(id) => {
              const chosen = presses.find((candidate) => candidate.id === id)
              if (chosen) onChange(withPress(value, chosen))
            }}
          />
          {!isHand && (
            <NumberField
              label="Make-ready under the plate"
              unit="mm"
              digits={2}
              value={value.makeReadyMm}
              onValue={(makeReadyMm) => onChange({ makeReadyMm })}
              problem={problemAt(problems, 'makeReadyMm')}
            />
          )}
          {!isHand && (value.makeReadyMm ?? 0) > 0 && (
            <SelectField
              label="Make-ready of"
              value={value.makeReadyOf ?? 'card'}
              options={Object.entries(MAKE_READY)}
              onPick={(of) => onChange({ makeReadyOf: of as PressSetting['makeReadyOf'] })}
            />
          )}
          <NumberField
            label="Passes"
            digits={0}
            value={value.passes}
            onValue={(passes) => onChange({ passes })}
            problem={problemAt(problems, 'passes')}
          />
          {!isHand && (
            <>
              <SelectField
                label="Direction of travel"
                value={value.direction ?? 'one-way'}
                options={Object.entries(DIRECTIONS)}
                onPick={(direction) => onChange({ direction: direction as PressSetting['direction'] })}
              />
              <NumberField
                label="Time under the roller"
                unit="s"
                value={value.secondsOnPlate}
                onValue={(secondsOnPlate) => onChange({ secondsOnPlate })}
                problem={problemAt(problems, 'secondsOnPlate')}
                hint={value.secondsOnPlate === null ? 'may stay empty' : undefined}
              />
            </>
          )}
        </div>
        <p className="mt-1 text-sm">
          {stock ? (
            <ZeroLine press={stock} />
          ) : (
            <>
              Not in the list? <NewPressDialog onAdded={(press) => onChange(withPress(value, press))} />
            </>
          )}
        </p>
      </Folded>
      {stock && isReadOtherwise(value, stock) && (
        <p data-said className="mt-2 flex flex-wrap items-center gap-3 text-sm">
          Its card says it is read otherwise by now: {WAYS_OF_READING[stock.scale.id].toLowerCase()}.
          {canBeCarried(value, stock) ? '' : ' A reading cannot be turned over: nobody measured both.'}
          <Button look="quiet" onClick={() => onChange(withPress(value, stock))}>
            Read it so from now on
          </Button>
        </p>
      )}
    </>
  )
}

/** What is set at the press beside its readings, in a line. */
const pressWords = ({ name, makeReadyMm, passes, direction, secondsOnPlate, scale }: PressSetting): string =>
  [
    name,
    ...(scale.id === 'hand'
      ? [counted(passes, 'pass', 'passes')]
      : [
          makeReadyMm > 0 ? `${formatFine(makeReadyMm, 2)} under the plate` : 'no make-ready',
          counted(passes, 'pass', 'passes'),
          DIRECTIONS[direction].toLowerCase(),
        ]),
    ...(secondsOnPlate === null ? [] : [`${formatNumber(secondsOnPlate, 1)} s under the roller`]),
  ].join(', ')
