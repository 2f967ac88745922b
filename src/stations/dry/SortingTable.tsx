'use client'

import { useState } from 'react'
import { ArrowDown, ArrowUp } from 'lucide-react'
import { PRINT_KINDS, type ApStyle, type PrintKind } from '@/core/dry/editionNumbers'
import { checkNumbering, numberImpressions, type SortedImpression } from '@/core/dry/numbering'
import { readPull, type Pull } from '@/core/edition/pull'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Dialog } from '@/ui/Dialog'
import { UNREACHABLE, useBench } from '../bench/BenchContext'
import { Problems } from '../pull/Problems'
import { declareSizeAction, giveNumbersAction } from './actions'

const KINDS = (Object.entries(PRINT_KINDS) as [PrintKind, string][]).filter(([kind]) => kind !== 'BAT')
const SORTED_BY_KIND: readonly PrintKind[] = ['edition', 'AP', 'PP', 'HC', 'BAT']

/** The dry prints in the order they will be numbered; numbers follow from the order, so none can be doubled or missing. */
export function SortingTable({ accepted, batProof, openPulls }: { accepted: Pull[]; batProof: Pull | null; openPulls: number }) {
  const { job, send } = useBench()
  const [style, setStyle] = useState<ApStyle>('roman')
  const [problems, setProblems] = useState<{ field: string; message: string }[]>([])
  const [sorted, setSorted] = useState<SortedImpression[]>(() => [
    ...accepted.map(({ id }, i) => ({ pullId: id, kind: (i < job.editionSize ? 'edition' : 'AP') as PrintKind })),
    ...(batProof ? [{ pullId: batProof.id, kind: 'BAT' as const }] : []),
  ])
  const [asking, setAsking] = useState(false)
  const known = new Map([...accepted, ...(batProof ? [batProof] : [])].map((pull) => [pull.id, pull]))
  const numbered = numberImpressions(sorted, style)
  const inTheWay = checkNumbering(sorted, job.editionSize, new Set(known.keys()), batProof?.id ?? null)
  const inEdition = sorted.filter(({ kind }) => kind === 'edition').length
  const move = (from: number, by: number) => {
    const next = [...sorted]
    next.splice(from + by, 0, ...next.splice(from, 1))
    setSorted(next)
  }
  const run = async (act: Parameters<typeof send>[0]) => {
    const answer = await send(act).catch(() => ({ ok: false as const, problems: [UNREACHABLE] }))
    setProblems(answer.ok ? [] : answer.problems)
    setAsking(false)
  }

  return (
    <section aria-label="Sorting" className="pt-4">
      <div className="flex flex-wrap items-end gap-3">
        <Button onClick={() => setSorted([...sorted].sort((a, b) => SORTED_BY_KIND.indexOf(a.kind) - SORTED_BY_KIND.indexOf(b.kind) || known.get(a.pullId)!.number - known.get(b.pullId)!.number))}>As pulled</Button>
        <Button onClick={() => setSorted([...sorted].sort((a, b) => SORTED_BY_KIND.indexOf(a.kind) - SORTED_BY_KIND.indexOf(b.kind) || known.get(b.pullId)!.number - known.get(a.pullId)!.number))}>Last pulled first</Button>
        <div>
          <p className="mb-0.5 text-sm text-muted">Artist’s proofs in</p>
          <Choice label="Artist’s proofs in" value={style} options={[['roman', 'I, II, III'], ['arabic', '1, 2, 3']]} onPick={setStyle} />
        </div>
      </div>
      <ol className="mt-3" aria-label="Impressions in the order of their numbers">
        {numbered.map((impression, i) => {
          const pull = known.get(impression.pullId)!
          const { eye } = readPull(pull)
          return (
            <li key={impression.pullId} className="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
              <span className="far-number w-28 text-xl">{impression.mark}</span>
              <span className="condensed w-40 text-sm">
                {pull.kind === 'proof' ? 'proof' : 'pull'} {pull.number}
                {eye && pull.kind === 'edition' ? `, ${eye}` : ''}
              </span>
              {impression.kind === 'BAT' ? <span className="text-sm">the approved proof</span> : (
                <select aria-label={`What pull ${pull.number} is to be`} value={impression.kind} onChange={(event) => setSorted(sorted.map((other, n) => (n === i ? { ...other, kind: event.target.value as PrintKind } : other)))} className="min-h-11 border border-edge bg-raised px-2">
                  {KINDS.map(([kind, text]) => <option key={kind} value={kind}>{text}</option>)}
                </select>
              )}
              <span className="ml-auto flex">
                <button type="button" aria-label={`${impression.mark} earlier`} disabled={i === 0} onClick={() => move(i, -1)} className="grid size-11 place-items-center disabled:opacity-50"><ArrowUp size={18} aria-hidden /></button>
                <button type="button" aria-label={`${impression.mark} later`} disabled={i === sorted.length - 1} onClick={() => move(i, 1)} className="grid size-11 place-items-center disabled:opacity-50"><ArrowDown size={18} aria-hidden /></button>
              </span>
            </li>
          )
        })}
      </ol>
      {openPulls > 0 && <p className="mt-2">{openPulls} {openPulls === 1 ? 'pull is' : 'pulls are'} set aside or undecided: they get no number.</p>}
      <Problems problems={problems.length > 0 ? problems : inTheWay} />
      <div className="mt-3 flex flex-wrap gap-3">
        {inEdition > 0 && inEdition !== job.editionSize && (
          <Button onClick={() => void run((target) => declareSizeAction({ ...target, editionSize: inEdition }))}>Declare the edition as {inEdition}</Button>
        )}
        <Dialog title="Give the numbers?" open={asking} onOpenChange={setAsking} trigger={<Button look="main" disabled={inTheWay.length > 0}>Give the numbers…</Button>}>
          <p>{numbered.length} impressions get their marks, and the edition is closed: no more pulls, no other numbers.</p>
          <p className="mt-2 font-semibold">{numbered.map(({ mark }) => mark).join(', ')}</p>
          <Button look="main" className="mt-4" onClick={() => void run((target) => giveNumbersAction({ ...target, numbering: { sorted, style } }))}>
            Number {numbered.length} impressions
          </Button>
        </Dialog>
      </div>
    </section>
  )
}
