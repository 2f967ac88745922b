import { useState } from 'react'
import { usualScaleOf, type PressDetails } from '@/core/press/pressCard'
import { isHandKind, type PressKind } from '@/core/press/pressKind'
import { PRESS_KINDS } from '@/core/press/pressKindNames'
import type { StorePress } from '@/data/press/presses'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { LengthField, NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { changePressAction } from './actions'
import { detailsOf } from './pressDetails'
import { ScaleFields, WayField } from './ScaleFields'
import { waysFor } from './scaleForm'

/** What a press is, changed and kept. */
export function PressDetailsForm({ press }: { press: StorePress }) {
  const { busy, problems, act } = useAct()
  const [details, setDetails] = useState(() => detailsOf(press))
  const [kept, setKept] = useState(false)
  const set = (patch: Partial<PressDetails>) => {
    setKept(false)
    setDetails({ ...details, ...patch })
  }
  /** A way of reading that another kind of press has too is left as it is. */
  const pickKind = (kind: PressKind) => {
    const isStill = waysFor(kind).some(([way]) => way === details.scale.id)
    set({ kind, ...(isStill ? {} : { scale: usualScaleOf(kind) }) })
  }
  const isHand = isHandKind(details.kind)
  return (
    <section aria-label="What it is" className="border-t border-line pt-3">
      <h2 className="station-title">What it is</h2>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Kind of press"
          value={details.kind}
          options={Object.entries(PRESS_KINDS)}
          onPick={(next) => pickKind(next as PressKind)}
        />
        <TextField
          label="Serial number"
          value={details.serial}
          onText={(next) => set({ serial: next })}
          problem={problemAt(problems, 'serial')}
        />
        <WayField
          kind={details.kind}
          scale={details.scale}
          thread={details.thread}
          onScale={(scale, thread) => set({ scale, thread })}
        />
        <ScaleFields
          scale={details.scale}
          thread={details.thread}
          problems={problems}
          onScale={(scale, thread) => set({ scale, thread })}
        />
        {!isHand && (
          <>
            <LengthField
              label="Roller, length"
              value={details.rollerLengthMm}
              onValue={(next) => set({ rollerLengthMm: next })}
              problem={problemAt(problems, 'rollerLengthMm')}
            />
            <LengthField
              label="Bed, length"
              value={details.bedLengthMm}
              onValue={(next) => set({ bedLengthMm: next })}
              problem={problemAt(problems, 'bedLengthMm')}
            />
            <NumberField
              label="Frame stiffness"
              unit="N/mm"
              digits={0}
              value={details.frameNPerMm}
              onValue={(next) => set({ frameNPerMm: next })}
              hint="empty: taken as rigid"
              problem={problemAt(problems, 'frameNPerMm')}
            />
          </>
        )}
        <TextField
          label="Note"
          value={details.note}
          onText={(next) => set({ note: next })}
          problem={problemAt(problems, 'note')}
        />
      </div>
      <Problems
        problems={problems.filter(({ field }) => !field.startsWith('scale.'))}
        except={['serial', 'rollerLengthMm', 'bedLengthMm', 'frameNPerMm', 'note', 'thread']}
      />
      <div className="mt-3 flex items-center gap-3">
        <Button
          look="main"
          disabled={busy}
          onClick={() =>
            void act(() => sendAct(changePressAction, { pressId: press.id, details })).then(setKept)
          }
        >
          Save the card
        </Button>
        <span data-said>{kept ? 'Saved' : ''}</span>
      </div>
    </section>
  )
}
