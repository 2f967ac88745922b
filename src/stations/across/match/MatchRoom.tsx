'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useEffect, useRef, useState } from 'react'
import { readPull, type Pull } from '@/core/edition/pull'
import { PICTURE_OF } from '@/core/match/pictureOfCheck'
import type { PrintedZone } from '@/core/match/checks/colourCheck'
import {
  checkStanding,
  MATCH_CHECK_KEYS,
  MATCH_CHECKS,
  placeKey,
  toleranceOf,
  USUAL_MATCH_TOLERANCES,
  type MatchCheck,
  type MatchTolerances,
} from '@/core/match/checks/matchCheck'
import {
  placesToLookAt,
  scanOf,
  scanPair,
  unchecked,
  verdictOf,
  type ScanSide,
} from '@/core/edition/compareScans'
import type { Corners } from '@/core/match/homography'
import type { ImpressionMatch, MatchImpressionInput } from '@/core/match/matchImpression'
import { MATCH_STEPS } from '@/core/match/matchSteps'
import { misfitMarks } from '@/core/match/misfitMarks'
import type { Scan } from '@/core/match/scan'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useJob } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { keepMisfitAction } from '../../register/registerActions'
import { Problems } from '../pull/Problems'
import { usePull } from '../pull/usePull'
import { ContactSheet } from './ContactSheet'
import type { Look } from './LightTable'
import { modelScanAction } from './actions'
import { ScanField } from './ScanField'
import { useEditionCheck } from './useEditionCheck'
import { useMatch } from './useMatch'
import { sendAct } from '../act/sendAct'

/** All need a finished comparison: what draws them comes when it is there. */
const LightTable = dynamic(() => import('./LightTable').then((module) => module.LightTable), {
  ssr: false,
  loading: () => <p className="h-96 text-sm text-muted">Laying out the light table…</p>,
})
const CheckLedger = dynamic(() => import('./CheckLedger').then((module) => module.CheckLedger), {
  ssr: false,
})
const PlaceStepper = dynamic(() => import('./PlaceStepper').then((module) => module.PlaceStepper), {
  ssr: false,
})
const PlateMarkDialog = dynamic(() => import('./PlateMarkDialog').then((module) => module.PlateMarkDialog), {
  ssr: false,
})
const CornersDialog = dynamic(() => import('./CornersDialog').then((module) => module.CornersDialog), {
  ssr: false,
})

interface MatchRoomProps {
  /** the edition's pulls of the run on the bench */
  pulls: Pull[]
  bat: Pull | null
  sheet: MatchImpressionInput['sheet']
  plate: MatchImpressionInput['plate']
  zones: PrintedZone[]
  /** the pull of the address, if it names one */
  asked: string | null
}

const pictureOf = ({ imageId, ...known }: ScanSide) => ({ url: `/pictures/${imageId}/pixels`, ...known })

/** Match check: an impression's picture held against the BAT's, what differs, where and why, and the verdict on the print. */
export function MatchRoom({ pulls, bat, sheet, plate, zones, asked }: MatchRoomProps) {
  const job = useJob()
  const { person, setPerson, busy, problems, add } = usePull()
  const { step, compare, cancel } = useMatch()
  const [dry, setDry] = useState(true)
  const [chosen, setChosen] = useState(
    () => asked ?? (pulls.findLast((pull) => scanOf(pull, true)) ?? pulls.at(-1))?.id ?? '',
  )
  const pull = pulls.find(({ id }) => id === chosen) ?? null
  const [result, setResult] = useState<{
    key: string
    match: ImpressionMatch | null
    refusal: string | null
  } | null>(null)
  const [accepted, setAccepted] = useState<ReadonlyMap<string, string>>(new Map())
  const [current, setCurrent] = useState(0)
  const lastTolerances = {
    ...USUAL_MATCH_TOLERANCES,
    ...pulls.map((one) => readPull(one).match?.tolerances).findLast(Boolean),
  }
  const [tolerances, setTolerances] = useState<MatchTolerances>(lastTolerances)
  const [look, setLook] = useState<Look>({ view: 'swipe', map: 'colour' })
  const [misfit, setMisfit] = useState<string | null>(null)
  const edition = useEditionCheck(job.slug)

  const [ours, theirs] = [bat && (scanOf(bat, dry) ?? scanOf(bat, !dry)), pull && scanOf(pull, dry)]
  const pair = bat && pull && scanPair(bat, pull, pulls, dry)
  const isComparable = pair !== null && 'reference' in pair
  const key = isComparable && pull ? JSON.stringify([pull.id, pair]) : null

  const run = async () => {
    if (!key || !pull || !isComparable) return
    const compared = await compare({
      reference: pictureOf(pair.reference),
      impression: pictureOf(pair.impression),
      sheet,
      plate,
      zones,
    })
    if (!compared) return
    setResult({
      key,
      match: 'match' in compared ? compared.match : null,
      refusal: 'refusal' in compared ? compared.refusal : null,
    })
    setAccepted(new Map(readPull(pull).match?.accepted.map((place) => [placeKey(place), place.why]) ?? []))
    setCurrent(0)
  }
  const begun = useRef<string | null>(null)
  useEffect(() => {
    if (!key || begun.current === key) return
    begun.current = key
    // The work itself is elsewhere; what comes of it is shown when it comes.
    void run()
  })

  if (!bat)
    return (
      <Panel title="Match check">
        <p className="border border-line bg-ground p-4">
          First approve a proof as BAT, the approved proof, at the station Prove: impressions are held against
          it.
        </p>
      </Panel>
    )
  if (pulls.length === 0)
    return (
      <Panel title="Match check">
        <p className="border border-line bg-ground p-4">
          No pull of the edition yet: there is nothing to hold against the BAT.
        </p>
      </Panel>
    )

  const match = result && result.key === key ? result.match : null
  const refusal =
    pair && 'refusal' in pair ? pair.refusal : result && result.key === key ? result.refusal : null
  const keys = new Set(accepted.keys())
  const standings = new Map(
    match?.checks.map((check) => [check.check as string, checkStanding(check, tolerances, keys)]) ?? [],
  )
  const places = match ? placesToLookAt(match, tolerances) : []
  const differing = [...standings.values()].filter((standing) => standing === 'differs').length
  const name = pull ? `Pull ${pull.number}` : ''
  const addScan = (id: string) => (scan: Scan) => add(id, [{ kind: 'scan', scan }], 'a new picture')
  const model = (id: string) => async () => {
    const answered = await sendAct(modelScanAction, { slug: job.slug, pullId: id })
    return answered.ok ? { id: answered.id } : { message: answered.problems[0].message }
  }
  const setCorners = (of: Pull, scan: Scan, corners: Corners | null) =>
    void add(
      of.id,
      [{ kind: 'scan', scan: { ...scan, corners: corners as Scan['corners'] } }],
      'corners of the sheet set by hand',
    )
  const keepVerdict = () =>
    pull &&
    match &&
    void add(
      pull.id,
      [{ kind: 'match', match: verdictOf(match, bat, accepted, tolerances) }],
      'compared again',
    )
  const checkAll = () =>
    person.trim() ? edition.start({ dry, by: person.trim(), tolerances }) : void add(bat.id, [])
  const keepAsMisfit = async () => {
    if (!match || !pull || !person.trim()) return void add(bat.id, [])
    const answered = await sendAct(keepMisfitAction, {
      jobId: job.id,
      misfit: {
        plate: pull.settings.plate.name,
        marks: misfitMarks(match.placed, plate),
        by: person,
      },
    })
    setMisfit(answered.ok ? key : null)
  }
  const show = (check: MatchCheck) => {
    const picture = PICTURE_OF[check]
    setLook(picture === 'lie' ? { ...look, view: 'swipe' } : { view: 'difference', map: picture })
    const first = places.findIndex((place) => place.check === check)
    if (first >= 0) setCurrent(first)
  }
  const kept = pull ? readPull(pull).match : null

  return (
    <Panel
      title="Match check"
      aside={
        <p className="flex flex-wrap items-center gap-x-4 text-sm">
          against the BAT, proof {bat.number}{' '}
          <Link
            href={`/jobs/${job.slug}/edition`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Back to the edition
          </Link>
        </p>
      }
    >
      <div className="mb-3 grid items-end gap-3 sm:grid-cols-[minmax(0,14rem)_auto_minmax(0,14rem)] sm:justify-start">
        <SelectField
          label="Impression"
          value={chosen}
          options={pulls.map(({ id, number }) => [id, `Pull ${number}`] as const)}
          onPick={setChosen}
        />
        <Choice
          label="Pictures of the dry or of the wet print"
          value={dry ? 'dry' : 'wet'}
          options={[
            ['dry', 'Dry'],
            ['wet', 'Wet'],
          ]}
          onPick={(next) => setDry(next === 'dry')}
        />
        <TextField
          label="Who looks"
          value={person}
          onText={setPerson}
          problem={problemAt(problems, 'person')}
        />
      </div>
      <Problems problems={problems} except={['person']} />
      {(!scanOf(bat, dry) || !theirs) && (
        <div className="grid gap-6 border-y border-line py-4 md:grid-cols-2">
          {!scanOf(bat, dry) && (
            <ScanField
              key={`bat ${dry}`}
              what={`the BAT, ${dry ? 'dry' : 'wet'}`}
              dry={dry}
              onScan={addScan(bat.id)}
              onModel={model(bat.id)}
            />
          )}
          {!theirs && pull && (
            <ScanField
              key={`${pull.id} ${dry}`}
              what={`pull ${pull.number}, ${dry ? 'dry' : 'wet'}`}
              dry={dry}
              onScan={addScan(pull.id)}
              onModel={model(pull.id)}
            />
          )}
        </div>
      )}
      {[ours, theirs].some((scan) => scan?.taken === 'model') && (
        <p className="mb-2 text-sm">
          △{' '}
          {ours?.taken === 'model' && theirs?.taken === 'model'
            ? 'Both pictures are'
            : ours?.taken === 'model'
              ? 'The BAT’s picture is'
              : `The picture of pull ${pull?.number} is`}{' '}
          a model’s, printed and scanned by reckoning; no print lay on a scanner.
        </p>
      )}
      {isComparable && pair.mixed && ours && (
        <p className="mb-2 text-sm">
          △ The BAT’s picture is of the {ours.dry ? 'dry' : 'wet'} print and this one of the{' '}
          {ours.dry ? 'wet' : 'dry'}: the wet one is shown as it would be dry, by what{' '}
          {pair.mixed.from === 1 ? 'one print' : `${pair.mixed.from} prints`} like it changed by. A damp sheet
          is larger; where it lies is less sure.
        </p>
      )}
      {step !== null && (
        <div
          role="status"
          className="my-3 flex flex-wrap items-center gap-4 border-l-4 border-text bg-raised p-3"
        >
          <p>
            {MATCH_STEPS[step]}…{' '}
            <progress max={MATCH_STEPS.length} value={step} aria-label="How far the comparison is" />
          </p>
          <Button onClick={cancel}>Cancel</Button>
        </div>
      )}
      {key && !match && !refusal && step === null && (
        <p className="my-3">
          <Button onClick={() => void run()}>Lay pull {pull?.number} over the BAT</Button>
        </p>
      )}
      {refusal && (
        <p role="alert" className="my-3 border-l-4 border-signal bg-raised p-3 font-semibold">
          ◆ {refusal}
        </p>
      )}
      {match && pull && (
        <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
          <div className="min-w-0">
            <LightTable
              match={match}
              name={name}
              places={places}
              accepted={keys}
              current={current}
              look={look}
              onLook={setLook}
            />
            <PlaceStepper
              key={key}
              places={places}
              accepted={accepted}
              current={Math.min(current, places.length - 1)}
              onCurrent={setCurrent}
              onAccept={(place, why) =>
                setAccepted((now) => {
                  const next = new Map(now)
                  if (why === null) next.delete(placeKey(place))
                  else next.set(placeKey(place), why)
                  return next
                })
              }
            />
          </div>
          <div>
            <h2 className="far-number text-2xl" aria-live="polite">
              {differing === 0 ? '● Matches the BAT' : `◆ Differs in ${differing} of ${match.checks.length}`}
            </h2>
            <p className="mt-2 mb-3 text-sm text-muted">
              {kept
                ? `On the print: ${kept.outcome === 'matches' ? 'matches' : 'differs'}${kept.accepted.length > 0 ? `, ${kept.accepted.length} accepted` : ''}.`
                : 'Nothing on the print yet.'}
            </p>
            <Button look="main" disabled={busy} className="mb-3 w-full" onClick={keepVerdict}>
              Write the verdict on pull {pull.number}
            </Button>
            <CheckLedger
              checks={match.checks}
              standings={standings}
              tolerances={tolerances}
              bat={bat.settings}
              settings={pull.settings}
              slug={job.slug}
              onShow={show}
            />
            {['register', 'turn'].some((check) => standings.get(check) === 'differs') && (
              <p className="mt-2">
                {misfit === key ? (
                  <>
                    Kept as a misfit: the station{' '}
                    <Link href={`/jobs/${job.slug}/register`} className="underline underline-offset-4">
                      Register
                    </Link>{' '}
                    says what to do.
                  </>
                ) : (
                  <Button disabled={busy} onClick={() => void keepAsMisfit()}>
                    Keep where it lay as a misfit of the plate
                  </Button>
                )}
              </p>
            )}
            <details className="mt-2">
              <summary className="min-h-11 py-2">How far each may stray</summary>
              <div className="grid grid-cols-2 gap-2">
                {MATCH_CHECK_KEYS.map((check) => (
                  <NumberField
                    key={check}
                    label={MATCH_CHECKS[check].label}
                    unit={MATCH_CHECKS[check].unit}
                    value={toleranceOf(tolerances, check)}
                    onValue={(value) =>
                      value !== null &&
                      value >= 0 &&
                      value <= 100 &&
                      setTolerances({ ...tolerances, [check]: value })
                    }
                  />
                ))}
              </div>
              <p className="mt-1 text-sm text-muted">Kept with the verdict, and used for the next print.</p>
            </details>
            <div className="mt-2 flex flex-wrap gap-x-4">
              {ours && (
                <CornersDialog
                  what="the BAT’s picture"
                  imageId={ours.imageId}
                  corners={match.corners.reference}
                  busy={busy}
                  onKeep={(corners) => setCorners(bat, ours, corners)}
                />
              )}
              {ours && (
                <PlateMarkDialog
                  match={match}
                  busy={busy}
                  onKeep={(plateAt) =>
                    void add(bat.id, [{ kind: 'scan', scan: { ...ours, plateAt } }], 'plate mark set by hand')
                  }
                />
              )}
              {theirs && (
                <CornersDialog
                  what={`the picture of pull ${pull.number}`}
                  imageId={theirs.imageId}
                  corners={match.corners.impression}
                  busy={busy}
                  onKeep={(corners) => setCorners(pull, theirs, corners)}
                />
              )}
            </div>
          </div>
        </div>
      )}
      <ContactSheet
        pulls={pulls}
        bat={bat}
        dry={dry}
        chosen={chosen}
        unchecked={ours ? unchecked(pulls, dry).length : 0}
        busy={busy}
        check={edition.state}
        problem={edition.problem}
        onChoose={setChosen}
        onCheckAll={checkAll}
        onStop={edition.stop}
      />
    </Panel>
  )
}
