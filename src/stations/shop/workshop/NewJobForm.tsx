'use client'

import { useState } from 'react'
import { useRouter } from 'next/navigation'
import { PURPOSES, purposeFacts, type Purpose } from '@/core/prove/purpose'
import { PURPOSE_NOTES } from '@/core/prove/purposeNotes'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Field, SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { createJobAction, importFolderAction, importJobAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

/** Makes a job from what it is for and a few facts, or takes one in from a file. */
export function NewJobForm() {
  const router = useRouter()
  const [title, setTitle] = useState('')
  const [artist, setArtist] = useState('')
  const [purpose, setPurpose] = useState<Purpose>('edition')
  const [editionSize, setEditionSize] = useState<number | null>(12)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)

  const { asksSize } = purposeFacts(purpose)

  const run = async (act: () => Promise<Awaited<ReturnType<typeof createJobAction>>>, to: string) => {
    setBusy(true)
    const answer = await act()
    setBusy(false)
    if (answer.ok) router.push(`/jobs/${answer.slug}/${to}`)
    else setProblems(answer.problems)
  }
  return (
    <div className="grid max-w-3xl gap-10 md:grid-cols-2">
      <form
        className="grid content-start gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          void run(
            () =>
              sendAct(createJobAction, {
                title,
                artist,
                purpose,
                ...(asksSize === null || editionSize === null ? {} : { editionSize }),
              }),
            'plate',
          )
        }}
      >
        <h2 className="station-title">A new print</h2>
        <TextField
          label="Title of the print"
          value={title}
          onText={setTitle}
          problem={problemAt(problems, 'title')}
        />
        <TextField label="Artist" value={artist} onText={setArtist} problem={problemAt(problems, 'artist')} />
        <SelectField
          label="What is it for?"
          value={purpose}
          options={Object.entries(PURPOSES).map(([key, { label }]) => [key, label])}
          hint={PURPOSE_NOTES[purpose]}
          onPick={(key) => setPurpose(key as Purpose)}
        />
        {asksSize !== null && (
          <NumberField
            label={asksSize}
            digits={0}
            value={editionSize}
            onValue={setEditionSize}
            problem={problemAt(problems, 'editionSize')}
          />
        )}
        <Button look="main" type="submit" disabled={busy}>
          Start the job
        </Button>
        <Problems
          problems={problems}
          except={problems.filter(({ field }) => field !== '').map(({ field }) => field)}
        />
      </form>
      <div className="grid content-start gap-3">
        <h2 className="station-title">From another workshop</h2>
        <Field
          label="Import a job (.json or .zip)"
          problem={fileProblem(problems)}
          hint="Exported from a job’s Record page. Only the .zip includes pictures."
        >
          {(ids) => (
            <input
              {...ids}
              type="file"
              accept="application/json,.json,application/zip,.zip"
              disabled={busy}
              onChange={(event) => {
                const file = event.target.files?.[0]
                if (file)
                  void run(
                    async () =>
                      /\.zip$/i.test(file.name)
                        ? sendAct(
                            importFolderAction,
                            folderForm(file),
                            `${file.name} ${file.size} ${file.lastModified}`,
                          )
                        : sendAct(importJobAction, { text: await file.text() }),
                    'record',
                  )
                event.target.value = ''
              }}
            />
          )}
        </Field>
      </div>
    </div>
  )
}

function folderForm(file: File): FormData {
  const form = new FormData()
  form.set('folder', file)
  return form
}

const FORM_FIELDS = ['title', 'artist', 'editionSize', '']

/** What is wrong with a chosen file, with the place in it. */
function fileProblem(problems: readonly FieldProblem[]): string | undefined {
  const first = problems.find(({ field }) => !FORM_FIELDS.includes(field))
  if (!first) return undefined
  const more = problems.length > 1 ? ` And ${problems.length - 1} more.` : ''
  return first.field === 'file'
    ? first.message
    : `Not taken in, nothing was changed. ${first.field}: ${first.message}${more}`
}
