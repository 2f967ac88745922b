'use client'

import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { useState } from 'react'
import { CUSTODY, custodyCounts, standingOf, type CustodyKind, type KeptCustody } from '@/core/record/custody'
import type { Print } from '@/core/record/jobFile'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { movePrintAction } from './actions'
import { sendAct } from '../across/act/sendAct'

/** Where every signed print is: moves are written one after another, and none is ever changed. */
export function CustodyBook({ prints, moves }: { prints: Print[]; moves: KeptCustody[] }) {
  const zone = useZone()
  const job = useJob()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const [pullId, setPull] = useState(prints[0]?.pullId ?? '')
  const [kind, setKind] = useState<CustodyKind>('publisher')
  const [words, setWords] = useState({ to: '', receipt: '', note: '' })
  if (prints.length === 0) return null
  const counts = custodyCounts(
    prints.map((print) => print.pullId),
    moves,
  )
  const where = (id: string) => {
    const standing = standingOf(moves, id)
    return standing && standing.move.kind !== 'returned'
      ? `${CUSTODY[standing.move.kind].toLowerCase()}${standing.move.to && standing.move.kind !== 'destroyed' ? `: ${standing.move.to}` : ''}`
      : 'in the workshop'
  }
  const nameOf = ({ mark, number }: Print) =>
    prints.filter((print) => print.mark === mark).length > 1 ? `${mark}, the ${number}.` : mark
  const write = () =>
    act(() =>
      sendAct(movePrintAction, { jobId: job.id, moved: { pullId, move: { kind, ...words }, by: person } }),
    ).then((kept) => kept && setWords({ to: '', receipt: '', note: '' }))
  return (
    <section aria-label="Custody" className="screen-only mb-5 border-b border-line pb-4">
      <h2 className="station-title">Location of each print</h2>
      <p>
        In the workshop {counts.workshop}
        {(Object.keys(CUSTODY) as CustodyKind[])
          .filter((key) => key !== 'returned' && counts[key] > 0)
          .map((key) => `, ${CUSTODY[key].toLowerCase()} ${counts[key]}`)
          .join('')}
        .
      </p>
      <div className="mt-2 grid items-start gap-3 sm:grid-cols-3 xl:grid-cols-6">
        <SelectField
          label="Print"
          value={pullId}
          options={prints.map((print) => [print.pullId, `${nameOf(print)}, ${where(print.pullId)}`] as const)}
          onPick={setPull}
          problem={problemAt(problems, 'pullId')}
        />
        <SelectField
          label="Move to"
          value={kind}
          options={Object.entries(CUSTODY)}
          onPick={(next) => setKind(next as CustodyKind)}
          problem={problemAt(problems, 'kind')}
        />
        <TextField
          label="Recipient"
          value={words.to}
          onText={(to) => setWords({ ...words, to })}
          problem={problemAt(problems, 'move.to')}
        />
        <TextField
          label="Receipt"
          value={words.receipt}
          onText={(receipt) => setWords({ ...words, receipt })}
          problem={problemAt(problems, 'move.receipt')}
        />
        <PersonField did="Written by" problem={problemAt(problems, 'by')} />
        <Button className="mt-6" disabled={busy} onClick={() => void write()}>
          Save the move
        </Button>
      </div>
      <Problems problems={problems} except={['pullId', 'kind', 'move.to', 'move.receipt', 'by']} />
      {moves.length > 0 && (
        <ol aria-label="Custody so far" className="condensed mt-2 text-sm">
          {moves.map(({ pullId: id, move, at, by }, i) => (
            <li key={i} className="border-t border-line py-1">
              {saidDayOf(at, zone)} {prints.find((print) => print.pullId === id)?.mark}:{' '}
              {CUSTODY[move.kind].toLowerCase()} {move.to}
              {move.receipt && `, receipt ${move.receipt}`}, {by}
            </li>
          ))}
        </ol>
      )}
    </section>
  )
}
