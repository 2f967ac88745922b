'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { readPull, type EyeReading, type Pull } from '@/core/edition/pull'
import { compareSettings } from '@/core/prove/compareSettings'
import type { ProofPair } from '@/core/prove/whatMoved'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { useBench } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useKnownPress } from '../across/bench/usePressKind'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { Problems } from '../across/pull/Problems'
import type { usePull } from '../across/pull/usePull'
import { EYE_WORDS } from './eyeWords'
import { PersonField } from '../across/person/PersonField'

const RollerTimer = dynamic(() => import('../press/RollerTimer').then((module) => module.RollerTimer), {
  ssr: false,
  loading: () => <p className="min-h-14" />,
})
/** Read once the page stands: what to change next is looked at after what was changed. */
const NextChange = dynamic(() => import('./NextChange').then((module) => module.NextChange), { ssr: false })

/** The proof to come: what was changed since the last, what to change next, what is expected, and the pull. */
export function NextProof({
  last,
  pairs,
  pulling,
}: {
  last: Pull | undefined
  pairs: readonly ProofPair[]
  pulling: ReturnType<typeof usePull>
}) {
  const bench = useBench()
  const { busy, problems, pull } = pulling
  const [expected, setExpected] = useState<EyeReading | null>(null)
  const [expectation, setExpectation] = useState('')
  const changes = last ? compareSettings(last.settings, bench) : []
  const lastPress = useKnownPress(last?.settings.press.pressId)
  const doubt = usePressDoubt()
  const pullProof = async () => {
    if (!(await pull('proof', { expected, expectation }))) return
    setExpected(null)
    setExpectation('')
  }
  return (
    <section aria-label="Next proof" className="grid gap-4 border-b-2 border-text pb-4 lg:grid-cols-2">
      <div>
        <h2 className="station-title">{last ? `Changed since proof ${last.number}` : 'First proof'}</h2>
        {last && changes.length === 0 && <p>No change: this proof shows whether the last one repeats.</p>}
        <ul>
          {changes.map((change) => (
            <li key={change.key} className="border-b border-line py-1">
              <b>{change.words}</b>
              <span className="block text-sm text-muted">way back: {change.wayBack.text}</span>
            </li>
          ))}
        </ul>
        {last && (
          <NextChange
            features={readPull(last).verdict?.features ?? null}
            pairs={pairs}
            bench={{ settings: last.settings, press: lastPress }}
          />
        )}
      </div>
      <div className="grid content-start gap-3">
        {last && (
          <div>
            <p className="mb-0.5 text-sm text-muted">You expect it to print</p>
            <Choice
              label="You expect it to print"
              value={expected}
              options={EYE_WORDS}
              onPick={setExpected}
            />
          </div>
        )}
        <TextField
          label={last ? 'Why, in a few words' : 'What are you testing?'}
          value={expectation}
          onText={setExpectation}
          problem={problemAt(problems, 'pull.expectation')}
        />
        <PersonField did="At the press:" problem={problemAt(problems, 'person')} />
        <RollerTimer />
        <Problems problems={problems} except={['person', 'pull.expectation']} />
        {doubt && (
          <p role="alert" className="font-semibold text-signal">
            ◆ {doubt}
          </p>
        )}
        <Button
          look="main"
          className="justify-center text-lg"
          disabled={busy}
          onClick={() => void pullProof()}
        >
          Pull proof {(last?.number ?? 0) + 1}
          {doubt ? ' all the same' : ''}
        </Button>
      </div>
    </section>
  )
}
