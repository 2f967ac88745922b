'use client'

import { X } from 'lucide-react'
import { useState } from 'react'
import { CREDIT_ROLES, type Credits } from '@/core/record/credits'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { useSend } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { Problems } from '../across/pull/Problems'
import { keepCreditsAction } from './actions'
import { sendAct } from '../across/act/sendAct'

/** Who is credited with what, beside the hands every pull is kept with. */
export function CreditsBook({ credits }: { credits: Credits }) {
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const [next, setNext] = useState({ role: '', name: '' })
  const at = `credits.${credits.length}`
  const keep = (list: Credits) =>
    act(() => send((target) => sendAct(keepCreditsAction, { ...target, credits: list })))
  return (
    <section aria-label="Credits" className="screen-only mb-5 border-b border-line pb-4">
      <h2 className="station-title">Credits</h2>
      {credits.length > 0 && (
        <ul>
          {credits.map(({ role, name }, i) => (
            <li
              key={`${role} ${name} ${i}`}
              className="flex min-h-11 items-center gap-4 border-b border-line"
            >
              <span className="w-44 text-muted">{role}</span>
              <span className="flex-1">{name}</span>
              <button
                type="button"
                disabled={busy}
                aria-label={`Take out: ${role} ${name}`}
                className="grid size-11 place-items-center"
                onClick={() => void keep(credits.filter((_, n) => n !== i))}
              >
                <X size={18} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-2 grid items-start gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <TextField
          label="Role"
          list="credit-roles"
          value={next.role}
          onText={(role) => setNext({ ...next, role })}
          problem={problemAt(problems, `${at}.role`)}
        />
        <TextField
          label="Who"
          value={next.name}
          onText={(name) => setNext({ ...next, name })}
          problem={problemAt(problems, `${at}.name`)}
        />
        <Button
          className="mt-6"
          disabled={busy}
          onClick={() =>
            void keep([...credits, next]).then((kept) => kept && setNext({ role: '', name: '' }))
          }
        >
          Add credit
        </Button>
      </div>
      <datalist id="credit-roles">
        {CREDIT_ROLES.map((role) => (
          <option key={role} value={role} />
        ))}
      </datalist>
      <Problems problems={problems} except={[`${at}.role`, `${at}.name`]} />
    </section>
  )
}
