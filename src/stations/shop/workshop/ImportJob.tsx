'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { FieldProblem } from '@/data/database/errors'
import { Field } from '@/ui/Field'
import { sendAct } from '../../across/act/sendAct'
import { importFolderAction, importJobAction } from './actions'

/** Takes a job in from a file of another workshop. */
export function ImportJob() {
  const router = useRouter()
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const bringIn = async (file: File) => {
    setBusy(true)
    const answer = /\.zip$/i.test(file.name)
      ? await sendAct(importFolderAction, folderForm(file), `${file.name} ${file.size} ${file.lastModified}`)
      : await sendAct(importJobAction, { text: await file.text() })
    setBusy(false)
    if (answer.ok) router.push(`/jobs/${answer.slug}/record`)
    else setProblems(answer.problems)
  }
  return (
    <Field
      label="Import a job (.json or .zip)"
      problem={fileProblem(problems)}
      hint="Exported from a job’s Record page. Only the .zip includes pictures."
      className="max-w-xl"
    >
      {(ids) => (
        <input
          {...ids}
          type="file"
          accept="application/json,.json,application/zip,.zip"
          disabled={busy}
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) void bringIn(file)
            event.target.value = ''
          }}
        />
      )}
    </Field>
  )
}

function folderForm(file: File): FormData {
  const form = new FormData()
  form.set('folder', file)
  return form
}

/** What is wrong with a chosen file, with the place in it. */
function fileProblem(problems: readonly FieldProblem[]): string | undefined {
  const [first] = problems
  if (!first) return undefined
  const more = problems.length > 1 ? ` And ${problems.length - 1} more.` : ''
  return first.field === 'file' || first.field === ''
    ? first.message
    : `Not taken in, nothing was changed. ${first.field}: ${first.message}${more}`
}
