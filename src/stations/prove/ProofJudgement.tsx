'use client'

import { useState } from 'react'
import type { EyeReading, PullEvent } from '@/core/edition/pull'
import { filmOrLines, type Features } from '@/core/prove/features'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { FeatureVerdict } from './FeatureVerdict'
import { EYE_WORDS } from './eyeWords'

/** What is seen of a proof: lighter or darker, in words, by its features. */
export function ProofJudgement({
  number,
  isFirst,
  busy,
  onVerdict,
}: {
  number: number
  isFirst: boolean
  busy: boolean
  onVerdict: (event: PullEvent, why: string) => Promise<boolean>
}) {
  const [seen, setSeen] = useState<EyeReading | null>(null)
  const [note, setNote] = useState('')
  const [features, setFeatures] = useState<Features>({})
  return (
    <div className="grid gap-2">
      <p className="text-sm text-muted">{isFirst ? 'It is' : 'Against the proof before it is'}</p>
      <Choice label={`Proof ${number} is`} value={seen} options={EYE_WORDS} onPick={setSeen} />
      <TextField label="What you see" value={note} onText={setNote} />
      <FeatureVerdict
        subject={`Proof ${number}`}
        ask={filmOrLines(seen, features)}
        value={features}
        onValue={setFeatures}
      />
      <Button
        disabled={busy || (!seen && !note && Object.keys(features).length === 0)}
        onClick={() =>
          void onVerdict({ kind: 'verdict', seen, note, outcome: 'keep', features, imageId: null }, '')
        }
      >
        Save what was seen
      </Button>
    </div>
  )
}
