'use client'

import Link from 'next/link'
import { useState } from 'react'
import { convertLabToXyz } from '@/core/colour/convertXyzToLab'
import { convertXyzToSrgb } from '@/core/colour/convertXyzToSrgb'
import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import { FilmView } from '@/core/ink/filmView'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import { TAKEN_BY_EYE } from '@/core/ink/inkByEye'
import type { FieldProblem } from '@/data/database/errors'
import type { StoreInk } from '@/data/shop/inks'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { SelectField, TextField } from '@/ui/Field'
import { usePatched } from '@/ui/usePatched'
import { sendAct } from '../../across/act/sendAct'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { EyeColour } from '../../ink/EyeColour'
import { inkConditions } from '../../ink/inkConditions'
import { Swatch } from '../../ink/Swatch'
import { addInksAction } from './inkActions'
import { atFirstInk, inkFrom, openNewInk, readNewInk } from './newInkState'

/** A grey no ink is mistaken for, until one is chosen. */
const UNCHOSEN = '#808080'

/** An own tube with the least: its name, its colour by eye, how it covers. Readings can come later. */
export function NewInkDialog({ onAdded }: { onAdded: (ink: Pick<StoreInk, 'id' | 'name'>) => void }) {
  const [open, setOpen] = useState(false)
  const fresh = () => ({ ...openNewInk([], 0), way: 'estimated' as const, note: TAKEN_BY_EYE })
  const [state, change] = usePatched(fresh)
  const [refused, setRefused] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const outcome = readNewInk(state, [])
  const problems = [...refused, ...(outcome && !outcome.ok ? outcome.problems : [])]
  const found = outcome?.ok ? outcome.coefficients : null
  const add = async () => {
    if (!found) return setRefused([{ field: 'lab', message: 'Choose its colour.' }])
    setBusy(true)
    const answer = await sendAct(addInksAction, { inks: [inkFrom(state, state.name, found)] })
    setBusy(false)
    setRefused(answer.ok ? [] : atFirstInk(answer.problems))
    if (!answer.ok) return
    change(fresh())
    setOpen(false)
    onAdded({ id: answer.ids[0], name: state.name.trim() })
  }
  return (
    <Dialog
      title="An ink that is not on the shelf"
      open={open}
      onOpenChange={setOpen}
      trigger={<Button look="quiet">An ink that is not on the shelf</Button>}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Name of the ink"
          value={state.name}
          onText={(name) => change({ name })}
          problem={problemAt(problems, 'name')}
          className="sm:col-span-2"
        />
        <EyeColour
          label="Its colour, printed solid"
          hint="By eye, beside a print or a smear on white paper."
          stands={UNCHOSEN}
          problem={problemAt(problems, 'lab')}
          onPick={(lab) => {
            setRefused([])
            change({ lab })
          }}
        />
        <div className="grid content-start gap-3">
          <SelectField
            label="It covers"
            value={state.covering}
            options={Object.entries(COVERINGS).map(([key, { label }]) => [key, label])}
            onPick={(covering) => change({ covering: covering as Covering })}
          />
          <SelectField
            label="Kind of ink"
            value={state.kind}
            options={[
              ['oil', 'oil'],
              ['water-washable', 'water-washable'],
            ]}
            onPick={(kind) => change({ kind: kind as StoreInk['kind'] })}
          />
        </div>
        {found && (
          <p className="flex flex-wrap items-center gap-3 text-sm sm:col-span-2">
            <Swatch
              colours={FILM_THICKNESSES.map(({ key }) =>
                convertXyzToSrgb(
                  convertLabToXyz(new FilmView(inkConditions(undefined, key)).colour(found.k, found.s)),
                ),
              )}
              label="In a deep line, printed solid, as plate tone"
              className="h-12 w-40"
            />
            In a deep line, printed solid, as plate tone.
          </p>
        )}
        <p className="text-sm text-muted sm:col-span-2">
          It is marked estimated until it is{' '}
          <Link href="/store/inks/new" className="underline underline-offset-4">
            read with an instrument
          </Link>
          . Its stiffness is taken as usual.
        </p>
      </div>
      <Problems problems={problems} except={['name', 'lab']} />
      <Button look="main" className="mt-4" disabled={busy} onClick={() => void add()}>
        Put it on the shelf and use it
      </Button>
    </Dialog>
  )
}
