'use client'

import { useState } from 'react'
import { readPull, type Pull } from '@/core/edition/pull'
import { FEATURE_KEYS, FEATURES, PASSES, type Pass, type Passes } from '@/core/prove/features'
import { plural } from '@/core/units/counted'
import { leftAsLaidOut } from '@/core/prove/settingOrigins'
import { settingEntries, type SettingEntry } from '@/core/prove/settingEntries'
import { STATIONS } from '@/core/prove/settings'
import { usualTolerances, type Tolerances } from '@/core/prove/tolerance'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { useJob, useSend } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { usePerson } from '../across/bench/usePerson'
import { approveBatAction } from '../across/pull/actions'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'

/** Tolerances beside the usual ones, and what may differ to the eye [common practice, no source]. */
const PRESETS: Record<'tight' | 'usual' | 'varied', { label: string; times: number; passes: Passes }> = {
  tight: { label: 'Tight', times: 0.5, passes: {} },
  usual: { label: 'Usual', times: 1, passes: { tone: 'both' } },
  varied: {
    label: 'Varied by intent',
    times: 3,
    passes: Object.fromEntries(FEATURE_KEYS.map((feature) => [feature, 'both'])),
  },
}
type Preset = keyof typeof PRESETS

/** Whether a tolerance is written in inches, °F or ounces beneath its field, which takes it as it is kept. */
const isTurned = ({ write }: SettingEntry) => / (?:in|°F|oz)$/.test(write(1))

/** Approves a proof as the BAT, with how far each setting may stray. */
export function ApproveDialog({ proof, others }: { proof: Pull; others: readonly Pull[] }) {
  const job = useJob()
  const { send, show } = useSend()
  const [person, setPerson] = usePerson()
  const [open, setOpen] = useState(false)
  const [tolerances, setTolerances] = useState<Tolerances>(() => usualTolerances(proof.settings))
  const [passes, setPasses] = useState<Passes>(PRESETS.usual.passes)
  const [reason, setReason] = useState('')
  const [preset, setPreset] = useState<Preset>('usual')
  const [other, setOther] = useState('')
  const [wetMinutes, setWet] = useState<number | null>(null)
  const [problems, setProblems] = useState<{ field: string; message: string }[]>([])
  const { verdict, eye } = readPull(proof)
  const isJudged = verdict !== null || eye !== null
  const untouched = leftAsLaidOut(proof.settings)
  const measured = settingEntries(proof.settings).filter((entry) => entry.usualTolerance !== null)
  const approve = async () => {
    const answer = await send((target) =>
      sendAct(approveBatAction, {
        ...target,
        bat: {
          proofPullId: proof.id,
          tolerances,
          passes,
          approvedBy: person,
          reason,
          otherProofPullId: other || null,
          wetMinutes,
        },
      }),
    )
    setProblems(
      answer.ok
        ? []
        : answer.problems.map(({ field, message }) => ({ field: field.replace('bat.', ''), message })),
    )
    if (!answer.ok) return
    show(proof.settings, true)
    setOpen(false)
  }
  return (
    <Dialog
      title={`Approve proof ${proof.number} as the BAT`}
      open={open}
      onOpenChange={setOpen}
      trigger={<Button>{job.bat ? 'Approve as new BAT' : 'Approve as BAT'}</Button>}
    >
      <p className="mb-3">
        From here on every print is held to this proof. Numbers may stray by as much as you allow; words must
        be the same.
      </p>
      <TextField
        label="Approved by"
        value={person}
        onText={setPerson}
        problem={problemAt(problems, 'approvedBy')}
      />
      {job.bat && (
        <TextField
          label="Why a new version"
          value={reason}
          onText={setReason}
          problem={problemAt(problems, 'reason')}
        />
      )}
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        {others.length > 0 && (
          <SelectField
            label="The other end that still passes"
            value={other}
            options={[
              ['', 'none: this proof alone'],
              ...others.map(({ id, number }) => [id, `Proof ${number}`] as const),
            ]}
            onPick={setOther}
            problem={problemAt(problems, 'otherProofPullId')}
          />
        )}
        <NumberField
          label="Wet prints are compared after"
          unit="min"
          value={wetMinutes}
          onValue={setWet}
          problem={problemAt(problems, 'wetMinutes')}
          hint="dry ones with dry, apart"
        />
      </div>
      <p className="mt-3 mb-0.5 text-sm text-muted">How strictly</p>
      <Choice
        label="How strictly"
        value={preset}
        options={Object.entries(PRESETS).map(([key, { label }]) => [key as Preset, label])}
        onPick={(key) => {
          setPreset(key)
          setPasses(PRESETS[key].passes)
          setTolerances(
            Object.fromEntries(
              Object.entries(usualTolerances(proof.settings)).map(([setting, tolerance]) => [
                setting,
                tolerance === null ? null : Number((tolerance * PRESETS[key].times).toFixed(4)),
              ]),
            ),
          )
        }}
      />
      <details className="mt-3" open>
        <summary className="min-h-11 py-2 font-semibold">Tolerances</summary>
        <div className="grid max-h-[40dvh] grid-cols-2 gap-x-4 gap-y-2 overflow-y-auto pr-2">
          {measured.map((entry) => (
            <NumberField
              key={entry.key}
              label={`${STATIONS[entry.station]}: ${entry.label} ±${isTurned(entry) ? ', metric' : ''}`}
              value={tolerances[entry.key]}
              hint={`${entry.text} ± ${entry.write(tolerances[entry.key] ?? 0)}`}
              problem={problemAt(problems, `tolerances.${entry.key}`)}
              onValue={(value) =>
                value !== null && value >= 0 && setTolerances({ ...tolerances, [entry.key]: value })
              }
            />
          ))}
        </div>
      </details>
      <details className="mt-1">
        <summary className="min-h-11 py-2 font-semibold">What may differ to the eye and still pass</summary>
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
          {FEATURE_KEYS.map((feature) => (
            <SelectField
              key={feature}
              label={FEATURES[feature].label}
              value={passes[feature] ?? ''}
              options={[
                ['', 'nothing: as this proof'],
                ['less', FEATURES[feature].less],
                ['more', FEATURES[feature].more],
                ['both', PASSES.both],
              ]}
              onPick={(pass) =>
                setPasses(
                  pass
                    ? { ...passes, [feature]: pass as Pass }
                    : Object.fromEntries(Object.entries(passes).filter(([key]) => key !== feature)),
                )
              }
            />
          ))}
        </div>
      </details>
      <Problems problems={problems} except={['approvedBy', 'reason']} />
      {untouched.length > 0 && (
        <p className="mt-3 text-sm">
          Nobody typed or measured{' '}
          {untouched.map(({ label, text }) => `${label.toLowerCase()} (${text})`).join(', ')}:{' '}
          {plural(untouched.length, 'it stands as it was', 'they stand as they were')} laid out, and the
          documents say so.
        </p>
      )}
      {!isJudged && (
        <p role="alert" className="mt-3 font-semibold">
          ◆ Nobody has judged this proof yet: what is approved is only how the bench stood.
        </p>
      )}
      <Button look="main" className="mt-4" onClick={() => void approve()}>
        Approve proof {proof.number} as BAT{isJudged ? '' : ', not judged'}
      </Button>
    </Dialog>
  )
}
