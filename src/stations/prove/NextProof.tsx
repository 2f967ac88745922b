'use client'

import { useState } from 'react'
import type { EyeReading, Pull } from '@/core/edition/pull'
import { compareSettings } from '@/core/prove/compareSettings'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { MainAct } from '@/ui/MainAct'
import { useBench } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { Problems } from '../across/pull/Problems'
import type { usePull } from '../across/pull/usePull'
import { EYE_WORDS } from './eyeWords'
import { PersonField } from '../across/person/PersonField'
import { LazyRollerTimer } from '../press/LazyRollerTimer'

/** The proof to come: what was changed since the last, what is expected, and the pull. */
export function NextProof({
  last,
  pulling,
}: {
  last: Pull | undefined
  pulling: ReturnType<typeof usePull>
}) {
  const bench = useBench()
  const { busy, problems, pull } = pulling
  const [expected, setExpected] = useState<EyeReading | null>(null)
  const [expectation, setExpectation] = useState('')
  const changes = last ? compareSettings(last.settings, bench) : []
  const doubt = usePressDoubt()
  const pullProof = async () => {
    if (!(await pull('proof', { expected, expectation }))) return
    setExpected(null)
    setExpectation('')
  }
  return (
    <section aria-label="Next proof" className="border-b-2 border-text pb-3">
      <div className="bg-ground px-3 py-2">
        <h2 className="text-sm text-muted">{last ? `Changed since proof ${last.number}` : 'First proof'}</h2>
        {last && changes.length === 0 && <p>No change: this proof shows whether the last one repeats.</p>}
        <ul>
          {changes.map((change) => (
            <li key={change.key}>
              <b>{change.words}</b>{' '}
              <span className="text-sm text-muted">way back: {change.wayBack.text}</span>
            </li>
          ))}
        </ul>
      </div>
      <div className="mt-2 grid items-end gap-x-5 gap-y-2 md:grid-cols-[auto_minmax(0,1fr)] xl:grid-cols-[auto_minmax(0,1fr)_auto_auto]">
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
        <LazyRollerTimer />
      </div>
      <Problems problems={problems} except={['person', 'pull.expectation']} />
      {doubt && (
        <p role="alert" className="font-semibold text-signal">
          ◆ {doubt}
        </p>
      )}
      <MainAct>
        <Button
          look="main"
          className="min-h-14 justify-center text-lg"
          disabled={busy}
          onClick={() => void pullProof()}
        >
          Pull proof {(last?.number ?? 0) + 1}
          {doubt ? ' all the same' : ''}
        </Button>
      </MainAct>
    </section>
  )
}
