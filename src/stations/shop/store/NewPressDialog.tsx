'use client'

import { useState } from 'react'
import { usualScaleOf } from '@/core/press/pressCard'
import { TAKEN_AS_USUAL, USUAL_BED_WIDTH_MM, USUAL_ROLLER_RADIUS_MM } from '@/core/press/pressByAnswer'
import { isHandKind, type PressKind } from '@/core/press/pressKind'
import { PRESS_KINDS } from '@/core/press/pressKindNames'
import type { PressureScale } from '@/core/press/pressureScale'
import { formatMm } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { StorePress } from '@/data/press/presses'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { SelectField, TextField } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { LengthField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { ScaleFields, WayField } from '../../press/ScaleFields'
import { addPressAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

const FIRST_KIND = 'two-screw' satisfies PressKind

/** Adds a press as it is read; by hand there is nothing to measure. */
export function NewPressDialog({ onAdded }: { onAdded?: (press: StorePress) => void }) {
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const [thread, setThread] = useState('')
  const [rollerDiameterMm, setDiameter] = useState<number | null>(null)
  const [bedWidthMm, setBedWidth] = useState<number | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [kind, setKind] = useState<PressKind>(FIRST_KIND)
  const [scale, setScale] = useState<PressureScale>(() => usualScaleOf(FIRST_KIND))
  const pickKind = (next: PressKind) => {
    setKind(next)
    setScale(usualScaleOf(next))
    setThread('')
  }
  const change = (nextScale: PressureScale, nextThread: string) => {
    setScale(nextScale)
    setThread(nextThread)
  }
  const isMeasured = rollerDiameterMm !== null || bedWidthMm !== null || isHandKind(kind)
  const add = async () => {
    const answer = await sendAct(addPressAction, {
      name,
      kind,
      thread,
      scale,
      rollerRadiusMm: rollerDiameterMm === null ? USUAL_ROLLER_RADIUS_MM : rollerDiameterMm / 2,
      bedWidthMm: bedWidthMm ?? USUAL_BED_WIDTH_MM,
      note: isMeasured ? '' : TAKEN_AS_USUAL,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setName('')
    pickKind(FIRST_KIND)
    setOpen(false)
    onAdded?.(answer.press)
  }
  return (
    <Dialog
      title="Add a press"
      open={open}
      onOpenChange={setOpen}
      trigger={<Button look="quiet">Add a press</Button>}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Name of the press"
          value={name}
          onText={setName}
          problem={problemAt(problems, 'name')}
          className="sm:col-span-2"
        />
        <SelectField
          label="Kind"
          value={kind}
          options={Object.entries(PRESS_KINDS)}
          onPick={(next) => pickKind(next as PressKind)}
          className="sm:col-span-2"
        />
        <WayField kind={kind} scale={scale} thread={thread} onScale={change} />
        {scale.id !== 'hand' && (
          <Folded
            className="sm:col-span-2"
            summary={
              <FoldedLine title="Its scale, roller and bed" value="as such presses usually have them" />
            }
            isOpen={problems.some(({ field }) => field !== 'name')}
          >
            <div className="grid gap-3 sm:grid-cols-2">
              <ScaleFields scale={scale} thread={thread} problems={problems} onScale={change} />
              {!isHandKind(kind) && (
                <>
                  <LengthField
                    label="Roller, diameter"
                    value={rollerDiameterMm}
                    hint={`Empty: taken as ${formatMm(2 * USUAL_ROLLER_RADIUS_MM)}`}
                    onValue={setDiameter}
                    problem={problemAt(problems, 'rollerRadiusMm')}
                  />
                  <LengthField
                    label="Bed, width"
                    value={bedWidthMm}
                    hint={`Empty: taken as ${formatMm(USUAL_BED_WIDTH_MM)}`}
                    onValue={setBedWidth}
                    problem={problemAt(problems, 'bedWidthMm')}
                  />
                </>
              )}
            </div>
          </Folded>
        )}
      </div>
      <Problems
        problems={problems.filter(({ field }) => !field.startsWith('scale.'))}
        except={['name', 'thread', 'rollerRadiusMm', 'bedWidthMm']}
      />
      <Button look="main" className="mt-4" onClick={() => void add()}>
        Add this press
      </Button>
    </Dialog>
  )
}
