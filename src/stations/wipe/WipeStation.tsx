'use client'

import { useState } from 'react'
import { ArrowDown, ArrowUp, X } from 'lucide-react'
import { CLEANLINESS, PLATE_TONES, WIPE_MATERIALS, WIPING_SCHOOLS, wipingSeconds, type PlateTone, type WipeMaterial, type WipeStep, type WipingOrder } from '@/core/wipe/wipingOrder'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { PlateMark } from '@/ui/PlateMark'
import { WipeCaution } from '../bench/cautions'
import { KeepLine } from '../bench/KeepLine'
import { problemAt } from '../bench/problemAt'
import { useStation, type Loose } from '../bench/useStation'
import { Pacer } from './Pacer'

const UNSET: Loose<WipingOrder> = { steps: [], plateTone: 'light' }
const move = (steps: WipeStep[], from: number, to: number) => {
  const next = [...steps]
  next.splice(to, 0, ...next.splice(from, 1))
  return next
}

/** The wiping order as a strip to scale, its steps, and the pacer that runs them. */
export function WipeStation({ lastSeconds }: { lastSeconds: number | null }) {
  const { value, change, ...kept } = useStation('wipe', UNSET)
  const [pacing, setPacing] = useState(false)
  const steps = value.steps ?? []
  const edit = (at: number, patch: Partial<WipeStep>) => change({ steps: steps.map((step, i) => (i === at ? { ...step, ...patch } : step)) })
  const total = wipingSeconds({ steps })

  if (pacing) return <Pacer steps={steps} onClose={() => setPacing(false)} />
  return (
    <PlateMark title="Wipe" aside={<KeepLine {...kept} />}>
      <WipeCaution />
      <div className="flex flex-wrap items-end gap-x-10 gap-y-3">
        <SelectField label="Begin from a school" value="" className="w-72" options={[['', 'choose…'], ...Object.entries(WIPING_SCHOOLS).map(([key, { label }]) => [key, label] as const)]} onPick={(key) => key && change(structuredClone(WIPING_SCHOOLS[key].order))} />
        <div>
          <p className="mb-0.5 text-sm text-muted">Plate tone wanted</p>
          <Choice<PlateTone> label="Plate tone wanted" value={value.plateTone} options={Object.entries(PLATE_TONES).map(([tone, text]) => [tone as PlateTone, text])} onPick={(plateTone) => change({ plateTone })} />
        </div>
        {steps.length > 0 && <Figure value={`${Math.floor(total / 60)}:${String(Math.round(total % 60)).padStart(2, '0')}`} label={lastSeconds === null ? 'Planned' : `Planned; the last wipe took ${formatNumber(lastSeconds, 0)} s`} />}
        {steps.length > 0 && kept.problems.length === 0 && (
          <Button look="main" onClick={() => setPacing(true)}>
            Wipe by the pacer
          </Button>
        )}
      </div>
      {problemAt(kept.problems, 'steps') && <p className="mt-3" role="alert">◆ The order {problemAt(kept.problems, 'steps')}. Begin from a school, or add a step.</p>}
      {total > 0 && (
        <div className="mt-4 flex h-7" aria-hidden>
          {steps.map((step, i) => (
            <div key={i} style={{ flexGrow: step.seconds, background: { dirty: 'var(--text)', medium: 'var(--edge)', clean: 'var(--raised)' }[step.cleanliness] }} className="border border-l-0 border-edge first:border-l" />
          ))}
        </div>
      )}
      <ol className="mt-2" aria-label="Wiping steps">
        {steps.map((step, i) => (
          <li key={i} className="grid grid-cols-2 items-end gap-x-3 gap-y-1 border-b border-line py-2 sm:grid-cols-[2rem_1fr_8rem_6rem_6rem_8.5rem]">
            <span className="far-number self-center text-xl">{i + 1}</span>
            <SelectField label={`Step ${i + 1}, with`} value={step.material} options={Object.entries(WIPE_MATERIALS)} onPick={(material) => edit(i, { material: material as WipeMaterial })} />
            <SelectField label="Face" value={step.cleanliness} options={Object.entries(CLEANLINESS)} onPick={(cleanliness) => edit(i, { cleanliness: cleanliness as WipeStep['cleanliness'] })} />
            <NumberField label="Time" unit="s" value={step.seconds} onValue={(seconds) => edit(i, { seconds: seconds ?? 0 })} problem={problemAt(kept.problems, `steps.${i}.seconds`)} />
            <NumberField label="Strokes" digits={0} value={step.strokes} onValue={(strokes) => edit(i, { strokes: strokes ?? 0 })} problem={problemAt(kept.problems, `steps.${i}.strokes`)} />
            <span className="col-span-2 flex sm:col-span-1">
              <button type="button" aria-label={`Step ${i + 1} earlier`} disabled={i === 0} onClick={() => change({ steps: move(steps, i, i - 1) })} className="grid size-11 place-items-center disabled:opacity-50"><ArrowUp size={18} aria-hidden /></button>
              <button type="button" aria-label={`Step ${i + 1} later`} disabled={i === steps.length - 1} onClick={() => change({ steps: move(steps, i, i + 1) })} className="grid size-11 place-items-center disabled:opacity-50"><ArrowDown size={18} aria-hidden /></button>
              <button type="button" aria-label={`Leave step ${i + 1} out`} onClick={() => change({ steps: steps.filter((_, n) => n !== i) })} className="grid size-11 place-items-center"><X size={18} aria-hidden /></button>
            </span>
          </li>
        ))}
      </ol>
      <Button className="mt-3" onClick={() => change({ steps: [...steps, { material: 'tarlatan', cleanliness: 'medium', seconds: 45, strokes: 0 }] })}>
        Add a step
      </Button>
    </PlateMark>
  )
}
