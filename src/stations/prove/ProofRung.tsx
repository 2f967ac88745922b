'use client'

import dynamic from 'next/dynamic'
import type { ReactNode } from 'react'
import { readPull, type Pull, type PullEvent } from '@/core/edition/pull'
import { writeMoment } from '@/core/units/moment'
import { romanNumeral } from '@/core/plate/plate'
import type { CouponSpot } from '@/core/prove/couponSpots'
import { compareSettings } from '@/core/prove/compareSettings'
import { useJob } from '../across/bench/BenchContext'
import { complaintsOf, featureWords } from '@/core/prove/features'
import { LightDark } from './LightDark'
import { LaterEntries } from '../across/pull/LaterEntries'

/** All of these are read once the page stands: they are the ways on from a proof, and not what is said of it. */
const ProofJudgement = dynamic(() => import('./ProofJudgement').then((module) => module.ProofJudgement), {
  ssr: false,
})

const waiting = () => <span className="min-h-11" />
const ApproveDialog = dynamic(() => import('./ApproveDialog').then((module) => module.ApproveDialog), {
  ssr: false,
  loading: waiting,
})
const GoBackDialog = dynamic(() => import('./GoBackDialog').then((module) => module.GoBackDialog), {
  ssr: false,
  loading: waiting,
})
const ProofCoupons = dynamic(() => import('./ProofCoupons').then((module) => module.ProofCoupons), {
  ssr: false,
})

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
          <ProofJudgement
            number={proof.number}
            isFirst={before === null}
            coupons={coupons}
            busy={busy}
            onVerdict={onVerdict}
          />
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
