'use client'

import type { Pull } from '@/core/edition/pull'
import { FEATURE_KEYS, FEATURES, PASSES, type Pass } from '@/core/prove/features'
import { settingEntries } from '@/core/prove/settingEntries'
import { leftAsLaidOut } from '@/core/prove/settingOrigins'
import { STATIONS } from '@/core/prove/settings'
import { usualTolerances } from '@/core/prove/tolerance'
import { counted, plural } from '@/core/units/counted'
import { impressionPicture } from '@/core/edition/impressionPicture'
import { Button, buttonClass } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { PRESETS, type Approval, type Preset } from './useApproval'
import { PersonField } from '../across/person/PersonField'

/** What was looked at: the print, or a picture of it that was sent to somebody, with the question and the answer. */
function LookedAt({ proof, approval: { wish, set, problems } }: { proof: Pull; approval: Approval }) {
  const job = useJob()
  const hasPicture = impressionPicture(proof) !== null
  const page = `/jobs/${job.slug}/prove/ask.pdf?${new URLSearchParams({ proof: proof.id, asks: wish.asked })}`
  return (
    <div className="mt-3">
      <p className="mb-0.5 text-sm text-muted">What was looked at</p>
      <Choice
        label="What was looked at"
        value={wish.looked}
        options={[
          ['print', 'The print itself'],
          ['picture', 'A picture of it'],
        ]}
        onPick={(looked) => set({ looked })}
      />
      {wish.looked === 'picture' && (
        <div className="mt-2 grid gap-2">
          <TextField
            label="What is asked"
            value={wish.asked}
            onText={(asked) => set({ asked })}
            problem={problemAt(problems, 'fromPicture.asked')}
          />
          {hasPicture ? (
            <a href={page} download className={buttonClass('plain', 'w-fit')}>
              Page to send, with the picture (PDF)
            </a>
          ) : (
            <p className="text-sm">This proof has no picture yet: add one beside it, then send the page.</p>
          )}
          <TextField
            label="What was answered"
            value={wish.answered}
            onText={(answered) => set({ answered })}
            problem={problemAt(problems, 'fromPicture.answered')}
            hint="The BAT reads “approved from a picture” until a print was seen."
          />
        </div>
      )}
    </div>
  )
}

/** What is approved, how strictly it is held to, and what nobody has said of it. */
export function ApproveForm({
  proof,
  others,
  approval,
}: {
  proof: Pull
  others: readonly Pull[]
  approval: Approval
}) {
  const job = useJob()
  const { wish, set, problems, approve, isJudged } = approval
  const untouched = leftAsLaidOut(proof.settings)
  const measured = settingEntries(proof.settings).filter((entry) => entry.usualTolerance !== null)
  return (
    <>
      <p className="mb-3">
        From here on every print is held to this proof. Numbers may stray by as much as you allow; words must
        be the same.
      </p>
      <PersonField did="Approved by" problem={problemAt(problems, 'approvedBy')} />
      {job.bat && (
        <TextField
          label="Why a new version"
          value={wish.reason}
          onText={(reason) => set({ reason })}
          problem={problemAt(problems, 'reason')}
        />
      )}
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        {others.length > 0 && (
          <SelectField
            label="Lightest or darkest acceptable proof"
            value={wish.other}
            options={[
              ['', 'none: this proof alone'],
              ...others.map(({ id, number }) => [id, `Proof ${number}`] as const),
            ]}
            onPick={(other) => set({ other })}
            problem={problemAt(problems, 'otherProofPullId')}
          />
        )}
        <NumberField
          label="Wet prints are compared after"
          unit="min"
          value={wish.wetMinutes}
          onValue={(wetMinutes) => set({ wetMinutes })}
          problem={problemAt(problems, 'wetMinutes')}
          hint="dry ones with dry, apart"
        />
      </div>
      <LookedAt proof={proof} approval={approval} />
      <p className="mt-3 mb-0.5 text-sm text-muted">How strictly</p>
      <Choice
        label="How strictly"
        value={wish.preset}
        options={Object.entries(PRESETS).map(([key, { label }]) => [key as Preset, label])}
        onPick={(preset) =>
          set({
            preset,
            passes: PRESETS[preset].passes,
            tolerances: Object.fromEntries(
              Object.entries(usualTolerances(proof.settings)).map(([setting, tolerance]) => [
                setting,
                tolerance === null ? null : Number((tolerance * PRESETS[preset].times).toFixed(4)),
              ]),
            ),
          })
        }
      />
      <Folded
        className="mt-3"
        summary={
          <FoldedLine
            title="How far each may stray"
            value={`${PRESETS[wish.preset].label.toLowerCase()}, ${counted(measured.length, 'setting')}`}
          />
        }
        isOpen={problems.some(({ field }) => field.startsWith('tolerances'))}
      >
        <div className="grid max-h-[40dvh] grid-cols-2 gap-x-4 gap-y-2 overflow-y-auto pr-2">
          {measured.map((entry) => (
            <NumberField
              key={entry.key}
              label={`${STATIONS[entry.station]}: ${entry.label} ±`}
              unit={entry.unit || undefined}
              isDifference
              value={wish.tolerances[entry.key]}
              hint={`${entry.text} ± ${entry.write(wish.tolerances[entry.key] ?? 0)}`}
              problem={problemAt(problems, `tolerances.${entry.key}`)}
              onValue={(value) =>
                value !== null &&
                value >= 0 &&
                set({ tolerances: { ...wish.tolerances, [entry.key]: value } })
              }
            />
          ))}
        </div>
      </Folded>
      <details className="mt-1">
        <summary className="min-h-11 py-2 font-semibold">What may differ to the eye and still pass</summary>
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
          {FEATURE_KEYS.map((feature) => (
            <SelectField
              key={feature}
              label={FEATURES[feature].label}
              value={wish.passes[feature] ?? ''}
              options={[
                ['', 'no difference allowed'],
                ['less', FEATURES[feature].less],
                ['more', FEATURES[feature].more],
                ['both', PASSES.both],
              ]}
              onPick={(pass) =>
                set({
                  passes: pass
                    ? { ...wish.passes, [feature]: pass as Pass }
                    : Object.fromEntries(Object.entries(wish.passes).filter(([key]) => key !== feature)),
                })
              }
            />
          ))}
        </div>
      </details>
      <Problems
        problems={problems}
        except={['approvedBy', 'reason', 'fromPicture.answered', 'fromPicture.asked']}
      />
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
    </>
  )
}
