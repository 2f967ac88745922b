'use client'

import Link from 'next/link'
import { useState } from 'react'
import { purposeFacts } from '@/core/prove/purpose'
import { PLACES_OF_JOBS, type PlaceOfJob } from '@/core/prove/placeOfJob'
import { Button, buttonClass } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { changeJobDetailsAction, layJobAction, offerAsTemplateAction } from '../../shop/workshop/actions'
import { sendAct } from '../act/sendAct'
import { useJob, useSend } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { useAct } from '../bench/useAct'
import { Problems } from '../pull/Problems'

/** What the job is called, whose it is and how many prints; where it lies; and a new one begun as this one is. */
export function AboutJob({
  place,
  artist,
  isTemplate,
}: {
  place: PlaceOfJob
  artist: string
  /** offered where a new job is begun */
  isTemplate: boolean
}) {
  const job = useJob()
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const [isOpen, setOpen] = useState(false)
  const [title, setTitle] = useState(job.title)
  const [by, setBy] = useState(artist)
  const [editionSize, setSize] = useState<number | null>(job.editionSize)
  const [isOffered, setOffered] = useState(isTemplate)
  const { asksSize } = purposeFacts(job.purpose)
  const save = () =>
    act(() =>
      send((target) =>
        sendAct(changeJobDetailsAction, {
          ...target,
          details: {
            title,
            artist: by,
            ...(asksSize === null ? {} : { editionSize: editionSize ?? Number.NaN }),
          },
        }),
      ),
    ).then((isDone) => isDone && setOpen(false))
  const lay = (next: PlaceOfJob) => act(() => sendAct(layJobAction, { jobId: job.id, place: next }))
  return (
    <section aria-label="This job" className="mt-6 border-t border-line pt-4">
      <h2 className="station-title mb-2">This job</h2>
      {place !== 'shelf' && (
        <p data-said className="mb-2 font-medium">
          ◆ It lies {PLACES_OF_JOBS[place]}.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        {!job.numbered && (
          <Dialog
            title="Title, artist, size"
            open={isOpen}
            onOpenChange={setOpen}
            trigger={<Button>Change title, artist or size</Button>}
          >
            <div className="grid gap-3">
              <TextField
                label="Title of the print"
                value={title}
                onText={setTitle}
                problem={problemAt(problems, 'details.title')}
              />
              <TextField
                label="Artist"
                value={by}
                onText={setBy}
                problem={problemAt(problems, 'details.artist')}
              />
              {asksSize !== null && (
                <NumberField
                  label={asksSize}
                  digits={0}
                  value={editionSize}
                  onValue={setSize}
                  problem={problemAt(problems, 'details.editionSize')}
                />
              )}
              <Button look="main" disabled={busy} onClick={() => void save()}>
                Save
              </Button>
            </div>
          </Dialog>
        )}
        <Link href={`/jobs/new?as=${job.slug}`} className={buttonClass()}>
          Begin a new print as this one
        </Link>
        {place === 'shelf' ? (
          <>
            <Button look="quiet" disabled={busy} onClick={() => void lay('archive')}>
              Put it away
            </Button>
            <Button look="quiet" disabled={busy} onClick={() => void lay('bin')}>
              Into the bin
            </Button>
          </>
        ) : (
          <Button disabled={busy} onClick={() => void lay('shelf')}>
            Back on the shelf
          </Button>
        )}
      </div>
      <Check
        label="A template: offered wherever a new job is begun"
        checked={isOffered}
        onCheck={(next) => {
          setOffered(next)
          void act(() => sendAct(offerAsTemplateAction, { jobId: job.id, isOffered: next })).then(
            (isDone) => isDone || setOffered(!next),
          )
        }}
      />
      <Problems problems={problems} except={['details.title', 'details.artist', 'details.editionSize']} />
    </section>
  )
}
