'use client'

import { formatFine, formatFines } from '@/core/units/quantity'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import Link from 'next/link'
import { useState } from 'react'
import {
  BLANKET_KINDS,
  blanketRemarks,
  CLOGGING,
  compressionSchema,
  layerOfBlanket,
  measuredModulus,
  SIDES_UP,
  type Blanket,
  type BlanketKind,
} from '@/core/press/blanket'
import { formatNumber } from '@/core/units/length'
import type { StoreBlanket, StorePack } from '@/data/shop/store'
import { Button } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { blanketsAnswer } from './cardAnswers'
import { keepBlanketAction, keepPackAction, washBlanketAction } from './actions'
import { sendAct } from '../across/act/sendAct'

type Typed = { [K in keyof Blanket]: Blanket[K] | null }
const FRESH: Typed = {
  name: '',
  kind: 'cushion',
  newMm: 3,
  nowMm: 3,
  modulusMPa: null,
  since: null,
  clogging: 'none',
  sideUp: 'either',
  note: '',
}
const FIELDS = ['name', 'newMm', 'nowMm', 'modulusMPa', 'since', 'note']

/** The blankets of the workshop: how each stands, what it gives, when it was washed; and the packs laid from them. */
export function BlanketShelf({
  blankets,
  packs,
  now,
}: {
  blankets: StoreBlanket[]
  packs: StorePack[]
  now: string
}) {
  const zone = useZone()
  const [open, setOpen] = useState<string | null>(null)
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const tallest = Math.max(1, ...blankets.map(({ newMm }) => newMm))
  return (
    <Panel
      title="Blankets"
      answer={blanketsAnswer(
        blankets.map((blanket) => ({
          name: blanket.name,
          remarks: blanketRemarks(blanket, blanket.washedAt, now),
        })),
      )}
      aside={
        <Link href="/store" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Back to the stockroom
        </Link>
      }
    >
      <ul>
        {blankets.map((blanket) => {
          const layer = layerOfBlanket(blanket)
          return (
            <li key={blanket.id} className="border-t border-line py-2">
              <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <svg
                  viewBox="0 0 60 60"
                  className="size-14 flex-none"
                  role="img"
                  aria-label={formatFines([blanket.nowMm, blanket.newMm], ' of ', 2)}
                >
                  <rect
                    x="6"
                    y={58 - (blanket.newMm / tallest) * 54}
                    width="48"
                    height={(blanket.newMm / tallest) * 54}
                    fill="none"
                    stroke="currentColor"
                    strokeDasharray="3 2"
                    strokeWidth="0.8"
                  />
                  <rect
                    x="6"
                    y={58 - (blanket.nowMm / tallest) * 54}
                    width="48"
                    height={(blanket.nowMm / tallest) * 54}
                    fill="var(--edge)"
                    stroke="currentColor"
                    strokeWidth="1"
                  />
                </svg>
                <p className="min-w-56 flex-1">
                  <b>{blanket.name}</b>: {BLANKET_KINDS[blanket.kind].label.toLowerCase()},{' '}
                  {BLANKET_KINDS[blanket.kind].does}. {formatFines([blanket.nowMm, blanket.newMm], ' of ', 2)}
                  , {SIDES_UP[blanket.sideUp]}.
                  <span className="condensed block text-sm text-muted">
                    gives up to {formatNumber(100 * layer.densificationStrain!, 0)} %,{' '}
                    {formatNumber(layer.modulusMPa, 2)} MPa{' '}
                    {blanket.modulusMPa === null ? '(typical of its kind)' : '(measured)'};{' '}
                    {blanket.washedAt ? `washed ${saidDayOf(blanket.washedAt, zone)}` : 'no wash recorded'}
                    {blanket.since ? `, in use since ${blanket.since}` : ''}. {blanket.note}
                  </span>
                  {blanketRemarks(blanket, blanket.washedAt, now).map((words) => (
                    <span key={words} className="block font-medium">
                      ◆ {words}
                    </span>
                  ))}
                </p>
                <Button
                  disabled={busy}
                  onClick={() => void act(() => sendAct(washBlanketAction, { id: blanket.id, by: person }))}
                  aria-label={`${blanket.name} was washed`}
                >
                  Washed
                </Button>
                <Button
                  look="quiet"
                  aria-expanded={open === blanket.id}
                  onClick={() => setOpen(open === blanket.id ? null : blanket.id)}
                  aria-label={`Measure ${blanket.name} again`}
                >
                  Measure again
                </Button>
              </div>
              {open === blanket.id && <BlanketForm blanket={blanket} onDone={() => setOpen(null)} />}
            </li>
          )
        })}
      </ul>
      <PersonField did="Washed by" problem={problemAt(problems, 'by')} className="mt-2 max-w-64" />
      <Problems problems={problems} except={['by']} />
      {open === 'new' ? (
        <BlanketForm blanket={null} onDone={() => setOpen(null)} />
      ) : (
        <Button className="mt-3" onClick={() => setOpen('new')}>
          Add a blanket
        </Button>
      )}
      <Packs blankets={blankets} packs={packs} />
    </Panel>
  )
}

function BlanketForm({ blanket, onDone }: { blanket: StoreBlanket | null; onDone: () => void }) {
  const [typed, setTyped] = useState<Typed>(() => {
    if (!blanket) return FRESH
    const { id: _, washedAt: __, ...known } = blanket
    return known
  })
  const { busy, problems, act } = useAct()
  const [weight, setWeight] = useState<{
    kilograms: number | null
    areaMm2: number | null
    loadedMm: number | null
  }>({ kilograms: null, areaMm2: 2500, loadedMm: null })
  const set = (patch: Partial<Typed>) => setTyped({ ...typed, ...patch })
  const usual = BLANKET_KINDS[typed.kind ?? 'cushion']
  const weighed = weight.kilograms !== null && weight.loadedMm !== null
  const trial = compressionSchema.safeParse({
    ...weight,
    freeMm: typed.nowMm,
    densificationStrain: usual.densificationStrain,
  })
  const wrong =
    weighed && !trial.success
      ? trial.error.issues.map(({ path, message }) => ({ field: path.join('.'), message }))
      : []
  const keep = async () => {
    const whole = {
      ...typed,
      newMm: typed.newMm ?? Number.NaN,
      nowMm: typed.nowMm ?? Number.NaN,
      since: typed.since?.trim() || null,
    } as Blanket
    if (await act(() => sendAct(keepBlanketAction, { id: blanket?.id ?? null, blanket: whole }))) onDone()
  }
  return (
    <section
      aria-label={blanket ? `Measure ${blanket.name}` : 'A blanket for the shelf'}
      className="mt-2 border-l-4 border-text bg-raised p-3"
    >
      <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-4">
        <TextField
          label="Name"
          value={typed.name ?? ''}
          onText={(name) => set({ name })}
          problem={problemAt(problems, 'name')}
        />
        <SelectField
          label="Kind"
          value={typed.kind ?? 'cushion'}
          options={Object.entries(BLANKET_KINDS).map(
            ([key, { label, does }]) => [key, `${label}: ${does}`] as const,
          )}
          onPick={(kind) => set({ kind: kind as BlanketKind })}
        />
        <NumberField
          label="Thickness when new"
          unit="mm"
          value={typed.newMm}
          onValue={(newMm) => set({ newMm })}
          problem={problemAt(problems, 'newMm')}
        />
        <NumberField
          label="Thickness now"
          unit="mm"
          value={typed.nowMm}
          onValue={(nowMm) => set({ nowMm })}
          problem={problemAt(problems, 'nowMm')}
        />
        <SelectField
          label="Sizing build-up"
          value={typed.clogging ?? 'none'}
          options={Object.entries(CLOGGING)}
          onPick={(clogging) => set({ clogging: clogging as Blanket['clogging'] })}
        />
        <SelectField
          label="Which side up"
          value={typed.sideUp ?? 'either'}
          options={Object.entries(SIDES_UP)}
          onPick={(sideUp) => set({ sideUp: sideUp as Blanket['sideUp'] })}
        />
        <TextField
          label="In use since"
          value={typed.since ?? ''}
          placeholder="2031-04-02"
          onText={(since) => set({ since })}
          problem={problemAt(problems, 'since')}
        />
        <TextField
          label="Note"
          value={typed.note ?? ''}
          onText={(note) => set({ note })}
          problem={problemAt(problems, 'note')}
        />
      </div>
      <fieldset className="mt-3">
        <legend className="text-sm text-muted">
          Measure how it gives: a weight on a flat foot, and a caliper
        </legend>
        <div className="grid gap-3 sm:grid-cols-3">
          <NumberField
            label="Weight"
            unit="kg"
            value={weight.kilograms}
            onValue={(kilograms) => setWeight({ ...weight, kilograms })}
            problem={problemAt(wrong, 'kilograms')}
          />
          <NumberField
            label="Foot"
            unit="mm²"
            value={weight.areaMm2}
            onValue={(areaMm2) => setWeight({ ...weight, areaMm2 })}
            problem={problemAt(wrong, 'areaMm2')}
          />
          <NumberField
            label="Thickness under it"
            unit="mm"
            value={weight.loadedMm}
            onValue={(loadedMm) => setWeight({ ...weight, loadedMm })}
            problem={problemAt(wrong, 'loadedMm')}
          />
        </div>
        <p className="mt-1 text-sm">
          {trial.success ? (
            <>
              It comes to <b>{formatNumber(measuredModulus(trial.data), 3)} MPa</b>; its kind usually has{' '}
              {usual.modulusMPa}.{' '}
              <button
                type="button"
                className="min-h-11 underline underline-offset-4"
                onClick={() => set({ modulusMPa: measuredModulus(trial.data) })}
              >
                Take it as measured
              </button>
            </>
          ) : typed.modulusMPa === null || typed.modulusMPa === undefined ? (
            `Not measured: taken as typical of its kind, ${usual.modulusMPa} MPa.`
          ) : (
            `Measured: ${formatNumber(typed.modulusMPa, 3)} MPa.`
          )}
        </p>
      </fieldset>
      <Problems problems={problems} except={FIELDS} />
      <div className="mt-3 flex gap-3">
        <Button look="main" disabled={busy} onClick={() => void keep()}>
          Save the blanket
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </section>
  )
}

function Packs({ blankets, packs }: { blankets: StoreBlanket[]; packs: StorePack[] }) {
  const [name, setName] = useState('')
  const [laid, setLaid] = useState<string[]>([])
  const { busy, problems, act } = useAct()
  const nameOf = (id: string) => blankets.find((blanket) => blanket.id === id)?.name ?? id
  return (
    <section aria-label="Packs" className="mt-6 border-t border-line pt-3">
      <h2 className="station-title">Packs, from the sheet upward</h2>
      <ul>
        {packs.map((pack) => (
          <li key={pack.id} className="border-t border-line py-1.5">
            {pack.name}:{' '}
            {pack.layers
              .map(({ name: layer, thicknessMm }) => `${layer.toLowerCase()} ${formatFine(thicknessMm, 2)}`)
              .join(', ')}
            {pack.blanketIds ? '' : ' (not from the shelf)'}
          </li>
        ))}
      </ul>
      {blankets.length > 0 && (
        <div className="mt-3 grid gap-3 lg:grid-cols-2">
          <fieldset>
            <legend className="text-sm text-muted">
              Lay a pack: tick in the order from the sheet upward
            </legend>
            {blankets.map(({ id, name: blanket }) => (
              <Check
                key={id}
                label={laid.includes(id) ? `${laid.indexOf(id) + 1}. ${blanket}` : blanket}
                checked={laid.includes(id)}
                onCheck={(on) => setLaid(on ? [...laid, id] : laid.filter((one) => one !== id))}
              />
            ))}
          </fieldset>
          <div className="grid content-start gap-3">
            <TextField
              label="Name of the pack"
              value={name}
              onText={setName}
              problem={problemAt(problems, 'name')}
              hint={laid.length > 0 ? laid.map(nameOf).join(', ') : undefined}
            />
            <Problems problems={problems} except={['name']} />
            <div>
              <Button
                disabled={busy || laid.length === 0}
                onClick={() =>
                  void act(() => sendAct(keepPackAction, { name, blanketIds: laid })).then(
                    (kept) => kept && setLaid([]),
                  )
                }
              >
                Save the pack
              </Button>
            </div>
          </div>
        </div>
      )}
    </section>
  )
}
