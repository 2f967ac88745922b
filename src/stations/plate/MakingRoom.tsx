'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { counted } from '@/core/units/counted'
import { readMaking, type Making } from '@/core/plate/making'
import { MAKING_METHODS, type MakingMethod } from '@/core/plate/makingMethod'
import { composeProcedure, whyNotTogether } from '@/core/plate/composeProcedure'
import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'
import type { Procedure, ProcedureParts } from '@/core/plate/procedure'
import { procedureFor } from '@/core/plate/procedures'
import type { FieldProblem } from '@/data/database/errors'
import type { KeptProcedure } from '@/data/plate/makings'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { usePerson } from '../across/person/usePerson'
import { MakingRun } from './MakingRun'
import { PlateRooms } from './PlateRooms'
import { ProcedureEditor } from './ProcedureEditor'
import { beginMakingAction } from './roomActions'
import { sendAct } from '../across/act/sendAct'

/** Only who puts a way of making together needs it. */
const PartsChoice = dynamic(() => import('./PartsChoice').then(({ PartsChoice: parts }) => parts), {
  ssr: false,
  loading: () => <span className="block min-h-24" />,
})

const OWN = 'own:'
const PARTS = 'parts'

/** The metal and mordant a plate's kind is usually bitten by; copper in ferric where it is bitten by nothing. */
function usualParts(kind: PlateKind | undefined): ProcedureParts {
  const metal = kind && PLATE_KINDS[kind].caution === 'bath' ? PLATE_KINDS[kind].metal : null
  return {
    image: metal === 'aluminium' ? 'toner-solvent' : 'hard-ground',
    tone: 'none',
    metal: metal ?? 'copper',
    mordant: metal === 'aluminium' || metal === 'zinc' ? 'saline-sulphate' : 'ferric',
    finish: 'none',
  }
}

/** Making the plate: a procedure chosen and changed to one's own way, then walked step by step and recorded as it goes. */
export function MakingRoom({ makings, own }: { makings: Making[]; own: KeptProcedure[] }) {
  const bench = useBench()
  const job = useJob()
  const person = usePerson()
  const [isNew, setNew] = useState(false)
  const kind = bench.plate?.kind
  const usual =
    (Object.keys(MAKING_METHODS) as MakingMethod[]).find((method) => MAKING_METHODS[method].kind === kind) ??
    'metal-drypoint'
  const [choice, setChoice] = useState<string>(usual)
  const [procedure, setProcedure] = useState<Procedure>(() => procedureFor(usual))
  const [parts, setParts] = useState<ProcedureParts>(() => usualParts(kind))
  const refused = choice === PARTS ? whyNotTogether(parts) : null
  const putTogether = (next: ProcedureParts) => {
    setParts(next)
    const made = composeProcedure(next)
    if ('procedure' in made) setProcedure(made.procedure)
  }
  const [unsent, setUnsent] = useState<string | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const latest = makings[0]
  const isWalking = latest && !isNew && readMaking(latest).next !== null
  const pick = (next: string) => {
    setChoice(next)
    if (next === PARTS) return putTogether(parts)
    const kept = own.find(({ id }) => OWN + id === next)
    setProcedure(kept ? kept.procedure : procedureFor(next as MakingMethod))
  }
  const begin = async () => {
    const id = unsent ?? crypto.randomUUID()
    setUnsent(id)
    const answer = await sendAct(beginMakingAction, { jobId: job.id, id, procedure, by: person })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setUnsent(null)
    setNew(false)
  }
  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      answer={
        latest && !isNew
          ? undefined
          : refused
            ? { says: '◆ These do not go together', because: refused }
            : {
                says: `${procedure.name} in ${counted(procedure.steps.length, 'step')}`,
                because:
                  'Change the steps to your own way, then begin: each is timed and recorded as it goes.',
              }
      }
      aside={
        isWalking ? (
          <Button look="quiet" onClick={() => setNew(true)}>
            Begin another making
          </Button>
        ) : latest && isNew ? (
          <Button look="quiet" onClick={() => setNew(false)}>
            Back to the making under way
          </Button>
        ) : undefined
      }
    >
      {latest && !isNew ? (
        <>
          <MakingRun making={latest} person={person} />
          {!isWalking && (
            <Button className="mt-4" onClick={() => setNew(true)}>
              Begin another making
            </Button>
          )}
        </>
      ) : (
        <div className="grid gap-6">
          <SelectField
            label="Way of making"
            value={choice}
            onPick={pick}
            className="max-w-96"
            options={[
              ...own.map(({ id, procedure: { name } }) => [OWN + id, `${name} (own)`] as const),
              [PARTS, 'Put together from parts…'] as const,
              ...Object.entries(MAKING_METHODS).map(([method, { label }]) => [method, label] as const),
            ]}
          />
          {choice === PARTS && <PartsChoice parts={parts} refused={refused} onParts={putTogether} />}
          {refused === null && (
            <ProcedureEditor
              procedure={procedure}

              problems={problems}
              onChange={setProcedure}
              onBegin={() => void begin()}
            />
          )}
        </div>
      )}
    </Panel>
  )
}
