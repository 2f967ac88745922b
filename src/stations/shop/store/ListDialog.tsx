'use client'

import { useState } from 'react'
import { counted } from '@/core/units/counted'
import { listed } from '@/core/units/listed'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { Field } from '@/ui/Field'
import { sendAct } from '../../across/act/sendAct'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { bringInListAction, readListAction } from './actions'

/** Lines of problems, and names, shown at once. */
const SHOWN = 6

type Read = Extract<Awaited<ReturnType<typeof readListAction>>, { ok: true }>

/** The first names of many, and how many more there are. */
const first = (names: readonly string[]) =>
  names.length > SHOWN
    ? `${names.slice(0, SHOWN).join(', ')} and ${names.length - SHOWN} more`
    : listed([...names])

/** Papers or inks from a list that was written with a spreadsheet: looked over before anything comes in. */
export function ListDialog() {
  const [isOpen, setOpen] = useState(false)
  const [text, setText] = useState('')
  const [read, setRead] = useState<Read | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const look = async (file: File | undefined) => {
    if (!file) return
    const said = await file.text()
    const answer = await sendAct(readListAction, { text: said })
    setText(said)
    setRead(answer.ok ? answer : null)
    setProblems(answer.ok ? [] : answer.problems)
  }
  const take = async () => {
    setBusy(true)
    const answer = await sendAct(bringInListAction, { text })
    setBusy(false)
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setRead(null)
    setOpen(false)
  }
  return (
    <Dialog
      title="Bring in a list"
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button look="quiet">Bring in a list</Button>}
    >
      <Field
        label="A list of papers or of inks (CSV)"
        hint="The first line names the columns. Papers: name, weight, and width and height or size; what else you have. Inks: name, and colour printed solid as #a02040."
        problem={problemAt(problems, 'file')}
      >
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/plain"
            onChange={(event) => {
              void look(event.target.files?.[0])
              event.target.value = ''
            }}
          />
        )}
      </Field>
      <Problems problems={problems} except={['file']} />
      {read && (
        <div data-said className="mt-3 grid gap-2">
          <p>
            <b>{read.names.length === 0 ? 'Nothing new is in it.' : `New: ${first(read.names)}.`}</b>
          </p>
          {read.there.length > 0 && <p>There already, and left as they are: {first(read.there)}.</p>}
          {read.problems.length > 0 && (
            <ul className="text-sm font-medium text-signal" aria-label="Lines that cannot be read">
              {read.problems.slice(0, SHOWN).map(({ line, field, message }) => (
                <li key={line}>
                  ◆ Line {line}, {field}: {message}
                </li>
              ))}
              {read.problems.length > SHOWN && <li>and {read.problems.length - SHOWN} more.</li>}
            </ul>
          )}
          {read.names.length > 0 && (
            <Button look="main" disabled={busy} onClick={() => void take()}>
              Add {counted(read.names.length, read.kind === 'papers' ? 'paper' : 'ink')}
            </Button>
          )}
        </div>
      )}
    </Dialog>
  )
}
