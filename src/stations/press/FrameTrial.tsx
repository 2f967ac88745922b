'use client'

import { useState } from 'react'
import { frameStiffness, frameTrialSchema } from '@/core/press/frame'
import { gapMm, stackOf, type PressSetting } from '@/core/press/pressSetting'
import { pressStack, pressStackInput } from '@/core/press/pressStack'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'

interface FrameTrialProps {
  press: PressSetting
  plateMm: number
  caliperMm: number
  /** width of the sheet both are printed on */
  sheetMm: number
  onLearned: (frameNPerMm: number | null) => void
}

/** What the frame gives way by, learned from a narrow and a wide plate that print alike on this press with these blankets. */
export function FrameTrial({ press, plateMm, caliperMm, sheetMm, onLearned }: FrameTrialProps) {
  const [narrow, setNarrow] = useState<{ widthMm: number | null; reading: number | null }>({
    widthMm: 100,
    reading: null,
  })
  const [wide, setWide] = useState<{ widthMm: number | null; reading: number | null }>({
    widthMm: 300,
    reading: null,
  })
  const side = ({ widthMm, reading }: typeof narrow) => ({
    widthMm: widthMm ?? Number.NaN,
    setMm: reading === null ? Number.NaN : (gapMm(press, reading) ?? Number.NaN),
  })
  const unit = press.scale.id === 'turns' ? 'turns' : press.scale.unit || undefined
  const said = narrow.reading !== null && wide.reading !== null
  const stack = pressStackInput.safeParse({
    ...stackOf(press, plateMm, caliperMm),
    gapMm: narrow.reading === null ? 0 : gapMm(press, narrow.reading),
  })
  const lineLoadNPerMm = stack.success ? pressStack(stack.data).lineLoadNPerMm : 0
  const besideNPerMm = stack.success
    ? pressStack({ ...stack.data, gapMm: stack.data.gapMm + stack.data.plateThicknessMm }).lineLoadNPerMm
    : 0
  const trial = frameTrialSchema.safeParse({
    narrow: side(narrow),
    wide: side(wide),
    lineLoadNPerMm: lineLoadNPerMm || Number.NaN,
    besideNPerMm,
    sheetMm,
  })
  const problems =
    trial.success || !said
      ? []
      : trial.error.issues.map(({ path, message }) => ({
          field: path.join('.'),
          message: path[0] === 'lineLoadNPerMm' ? 'nothing is pressed at this reading, or too much' : message,
        }))
  const stiffness = trial.success ? frameStiffness(trial.data) : null
  return (
    <details className="mt-4 border-t border-line pt-2">
      <summary className="min-h-11 cursor-pointer py-2">
        How the frame gives way:{' '}
        {press.frameNPerMm === null
          ? 'taken as rigid'
          : `${formatNumber(press.frameNPerMm / 1000, 1)} kN for each mm`}
      </summary>
      <p className="mb-2 text-sm text-muted">
        A wide plate opens the frame more than a narrow one. Enter at which readings two plates of equal
        thickness printed alike on the same sheet.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label="Narrow plate"
          unit="mm wide"
          value={narrow.widthMm}
          onValue={(widthMm) => setNarrow({ ...narrow, widthMm })}
          problem={problemAt(problems, 'narrow.widthMm')}
        />
        <NumberField
          label="prints right at"
          unit={unit}
          value={narrow.reading}
          onValue={(reading) => setNarrow({ ...narrow, reading })}
          problem={problemAt(problems, 'narrow.setMm') ?? problemAt(problems, 'lineLoadNPerMm')}
        />
        <NumberField
          label="Wide plate"
          unit="mm wide"
          value={wide.widthMm}
          onValue={(widthMm) => setWide({ ...wide, widthMm })}
          problem={problemAt(problems, 'wide.widthMm')}
        />
        <NumberField
          label="prints as well at"
          unit={unit}
          value={wide.reading}
          onValue={(reading) => setWide({ ...wide, reading })}
          problem={problemAt(problems, 'wide.setMm')}
        />
      </div>
      <div className="mt-2 flex flex-wrap gap-3">
        {stiffness !== null && (
          <Button look="main" onClick={() => onLearned(stiffness)}>
            The frame gives {formatNumber(stiffness / 1000, 1)} kN for each mm: keep it
          </Button>
        )}
        {press.frameNPerMm !== null && (
          <Button onClick={() => onLearned(null)}>Take it as rigid again</Button>
        )}
      </div>
    </details>
  )
}
