'use client'

import { useState } from 'react'
import { plural } from '@/core/units/counted'
import { writeMoment } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { deviceZone } from '@/ui/deviceZone'
import { TextField } from '@/ui/Field'
import { correctionOf, nameOf, toPutRight, withCorrection, withoutEntry } from './correctEntry'
import { OverTheDesk } from './OverTheDesk'
import { takeDeskFile, writeDeskFile } from './deskFile'
import type { DeskMemory, Waiting } from './deskMemory'

/** The longest name the records take. */
export const LONGEST_NAME = 120

const when = (at: string) => {
  try {
    return writeMoment(at, deviceZone())
  } catch {
    return 'an unknown moment'
  }
}

function RefusedEntry({
  one,
  onSend,
  onThrowAway,
}: {
  one: Waiting
  onSend: (correction: ReturnType<typeof correctionOf>) => void
  onThrowAway: () => void
}) {
  const [fields, setFields] = useState(() => correctionOf(one))
  const [isSure, setSure] = useState(false)
  const isPull = one.entry.kind === 'pull'
  const names = isPull
    ? ([
        ['inked', 'Inked'],
        ['wiped', 'Wiped'],
        ['laid', 'Laid the sheet'],
      ] as const)
    : ([['inked', 'Who said it']] as const)
  return (
    <li className="border-l-4 border-signal bg-raised p-3">
      <p className="font-medium">
        {nameOf(one, when)}: {one.refused}
      </p>
      <div className="mt-2 grid gap-3 sm:grid-cols-3">
        {names.map(([field, label]) => (
          <TextField
            key={field}
            label={label}
            value={fields[field]}
            problem={fields[field].length > LONGEST_NAME ? `At most ${LONGEST_NAME} characters.` : undefined}
            onText={(text) => setFields({ ...fields, [field]: text })}
          />
        ))}
      </div>
      {isPull && (
        <Check
          label="It was a warm-up: not numbered"
          checked={fields.isWarm}
          onCheck={(isWarm) => setFields({ ...fields, isWarm })}
        />
      )}
      <p className="mt-2 flex flex-wrap gap-3">
        <Button look="main" onClick={() => onSend(fields)}>
          Send it again
        </Button>
        {isSure ? (
          <Button onClick={onThrowAway}>Yes, throw it away for good</Button>
        ) : (
          <Button look="quiet" onClick={() => setSure(true)}>
            Throw it away…
          </Button>
        )}
      </p>
    </li>
  )
}

/** What waits at a desk: what the server refused, to be put right, and all of it as a file, to and from. */
export function DeskWaiting({
  slug,
  memory,
  onMemory,
}: {
  slug: string
  memory: DeskMemory
  onMemory: (memory: DeskMemory) => void
}) {
  const [said, setSaid] = useState('')
  const { queue } = memory
  const refused = toPutRight(queue)
  const save = () => {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([writeDeskFile(slug, queue)], { type: 'application/json' }))
    link.download = `desk-${slug}.json`
    link.click()
    // The browser reads it after the click has been dealt with.
    setTimeout(() => URL.revokeObjectURL(link.href), 60_000)
  }
  const takeIn = async (file: File) => {
    const taken = takeDeskFile(memory, slug, await file.text())
    if ('problem' in taken) return setSaid(`◆ ${taken.problem}`)
    onMemory(taken.memory)
    setSaid(
      taken.came === 0
        ? 'All of it is here already.'
        : `${taken.came} ${plural(taken.came, 'entry', 'entries')} taken in.`,
    )
  }
  return (
    <div>
      {refused.length > 0 && (
        <OverTheDesk
          name="Refused by the server"
          line={`◆ ${refused.length} refused by the server: kept here until you put ${plural(refused.length, 'it', 'them')} right`}
          isWarning
        >
          <ul className="grid gap-3">
            {refused.map((one) => (
              <RefusedEntry
                key={one.entry.id}
                one={one}
                onSend={(correction) => onMemory(withCorrection(memory, one.entry.id, correction))}
                onThrowAway={() => onMemory(withoutEntry(memory, one.entry.id))}
              />
            ))}
          </ul>
        </OverTheDesk>
      )}
      <OverTheDesk
        line={`What waits here: ${queue.length === 0 ? 'nothing' : queue.length}; to a file and from one`}
      >
        <div className="flex flex-wrap items-center gap-4 pb-2">
          <Button disabled={queue.length === 0} onClick={save}>
            Save what waits as a file
          </Button>
          <label className="inline-flex min-h-11 flex-wrap items-center gap-2">
            Take in a desk’s file
            <input
              type="file"
              accept="application/json,.json"
              onChange={({ target }) => {
                const [file] = target.files ?? []
                if (file) void takeIn(file)
                target.value = ''
              }}
            />
          </label>
          <p data-said>{said}</p>
        </div>
      </OverTheDesk>
    </div>
  )
}
