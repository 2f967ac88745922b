'use client'

import { useState, type ReactNode } from 'react'
import { readPull, type EyeReading, type Pull, type PullEvent } from '@/core/edition/pull'
import { writeMoment } from '@/core/units/moment'
import { romanNumeral } from '@/core/plate/plate'
import type { CouponSpot } from '@/core/prove/couponSpots'
import { compareSettings } from '@/core/prove/compareSettings'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { useJob } from '../across/bench/BenchContext'
import { complaintsOf, featureWords, filmOrLines, type Features } from '@/core/prove/features'
import { PictureField } from '../across/picture/PictureField'
import { ApproveDialog } from './ApproveDialog'
import { FeatureVerdict } from './FeatureVerdict'
import { GoBackDialog } from './GoBackDialog'
import { LightDark } from './LightDark'
import { EYE_WORDS } from './eyeWords'
import { ProofCoupons } from './ProofCoupons'
import { LaterEntries } from '../across/pull/LaterEntries'

interface ProofRungProps {
  proof: Pull
  before: Pull | null
  /** the other proofs of the job */
  others: readonly Pull[]
  newest: boolean
  /** set out from an earlier proof than the one before it */
  isBranch: boolean
  /** where the small crops are taken */
  coupons: readonly CouponSpot[]
  busy: boolean
  onVerdict: (event: PullEvent, why: string) => Promise<boolean>
  /** the way to take it back */
  withdrawing: ReactNode
}

/** One rung of the ladder: the change that led here, what was expected and seen, and the ways on from it. */
export function ProofRung({
  proof,
  before,
  others,
  newest,
  isBranch,
  coupons,
  busy,
  onVerdict,
  withdrawing,
}: ProofRungProps) {
  const job = useJob()
  const { verdict, later } = readPull(proof)
  const [seen, setSeen] = useState<EyeReading | null>(null)
  const [note, setNote] = useState('')
  const [features, setFeatures] = useState<Features>({})
  const [imageId, setImage] = useState<string | null>(null)
  const changes = before ? compareSettings(before.settings, proof.settings) : []
  return (
    <li className="grid gap-x-6 gap-y-2 border-b border-line py-3 lg:grid-cols-[3.5rem_minmax(0,1.2fr)_12rem_minmax(0,1fr)_12rem]">
      <div>
        <p className="far-number text-4xl">{proof.number}</p>
        <p className="condensed mt-1 text-sm text-muted">state {romanNumeral(proof.settings.plate.state)}</p>
      </div>
      <div>
        {isBranch && before && <p className="text-sm text-muted">set out from proof {before.number}:</p>}
        {changes.length === 0 ? (
          <p className="text-muted">{before ? 'Nothing changed' : 'First proof'}</p>
        ) : (
          changes.map((change) => (
            <p key={change.key} className="font-medium">
              {change.words}
            </p>
          ))
        )}
        {proof.expectation && <p className="text-sm">“{proof.expectation}”</p>}
        <p className="condensed text-sm text-muted">{writeMoment(proof.pulledAt, proof.zone)}</p>
      </div>
      <LightDark expected={proof.expected} seen={verdict?.seen ?? null} />
      <div>
        <LaterEntries kinds={later} />
        {verdict ? (
          <>
            <p>{verdict.note || 'No note.'}</p>
            {complaintsOf(verdict.features).length > 0 && (
              <p className="text-sm">
                {complaintsOf(verdict.features)
                  .map(([feature, value]) => featureWords(feature, value))
                  .join('; ')}
              </p>
            )}
            {verdict.imageId && (
              <ProofCoupons imageId={verdict.imageId} number={proof.number} spots={coupons} />
            )}
          </>
        ) : (
          <div className="grid gap-2">
            <p className="text-sm text-muted">{before ? 'Against the proof before it is' : 'It is'}</p>
            <Choice label={`Proof ${proof.number} is`} value={seen} options={EYE_WORDS} onPick={setSeen} />
            <TextField label="What you see" value={note} onText={setNote} />
            <FeatureVerdict
              subject={`Proof ${proof.number}`}
              ask={filmOrLines(seen, features)}
              value={features}
              onValue={setFeatures}
            />
            <PictureField label={`Picture of proof ${proof.number}`} onPicture={({ id }) => setImage(id)} />
            {imageId && <ProofCoupons imageId={imageId} number={proof.number} spots={coupons} />}
            <Button
              disabled={busy || (!seen && !note && Object.keys(features).length === 0)}
              onClick={() =>
                void onVerdict({ kind: 'verdict', seen, note, outcome: 'keep', features, imageId }, '')
              }
            >
              Keep what was seen
            </Button>
          </div>
        )}
      </div>
      <div className="flex flex-col items-stretch gap-2">
        {!job.numbered && <ApproveDialog proof={proof} others={others} />}
        {!newest && <GoBackDialog proof={proof} />}
        {withdrawing}
      </div>
    </li>
  )
}
