'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { scanOf, unchecked } from '@/core/edition/compareScans'
import type { Pull } from '@/core/edition/pull'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { Panel } from '@/ui/Panel'
import { useJob } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { Problems } from '../pull/Problems'
import { useEditionCheck } from './useEditionCheck'
import { useMatchRoom, type MatchRoomHandle, type MatchRoomProps } from './useMatchRoom'
import { matchAnswer } from './words'
import { PersonField } from '../person/PersonField'

/** Asked for only where a picture is missing. */
const ScanField = dynamic(() => import('./ScanField').then((module) => module.ScanField), { ssr: false })
/** The edition at a glance, beneath the pair that is looked at. */
const ContactSheet = dynamic(() => import('./ContactSheet').then((module) => module.ContactSheet), {
  ssr: false,
})
/** All three need a finished comparison: what draws them comes when it is there. */
const LightTable = dynamic(() => import('./LightTable').then((module) => module.LightTable), {
  ssr: false,
  loading: () => <p className="h-96 text-sm text-muted">Laying out the light table…</p>,
})
const MatchSide = dynamic(() => import('./MatchSide').then((module) => module.MatchSide), { ssr: false })
/** Speaks once there is something to compare. */
const Comparing = dynamic(() => import('./Comparing').then((module) => module.Comparing), { ssr: false })
const PictureTools = dynamic(() => import('./PictureTools').then((module) => module.PictureTools), {
  ssr: false,
})
const PlaceStepper = dynamic(() => import('./PlaceStepper').then((module) => module.PlaceStepper), {
  ssr: false,
})

/** Which impression is looked at, wet or dry, and who looks. */
function WhatAndWho({ room, pulls }: { room: MatchRoomHandle; pulls: readonly Pull[] }) {
  const { state, act, problems } = room
  return (
    <div className="mb-3 grid items-end gap-3 sm:grid-cols-[minmax(0,14rem)_auto_minmax(0,14rem)] sm:justify-start">
      <SelectField
        label="Impression"
        value={state.chosen}
        options={pulls.map(({ id, number }) => [id, `Pull ${number}`] as const)}
        onPick={(pullId) => act({ kind: 'choose', pullId })}
      />
      <Choice
        label="Pictures of the dry or of the wet print"
        value={state.dry ? 'dry' : 'wet'}
        options={[
          ['dry', 'Dry'],
          ['wet', 'Wet'],
        ]}
        onPick={(next) => act({ kind: 'take', dry: next === 'dry' })}
      />
      <PersonField did="Looked at by" problem={problemAt(problems, 'person')} />
    </div>
  )
}

/** Asks for the pictures that are not there yet. */
function MissingPictures({ room, bat }: { room: MatchRoomHandle; bat: Pull }) {
  const { dry } = room.state
  const { pull, theirs } = room.view
  const missing: [pull: Pull, what: string][] = [
    ...(scanOf(bat, dry) ? [] : [[bat, 'the BAT'] as [Pull, string]]),
    ...(theirs || !pull ? [] : [[pull, `pull ${pull.number}`] as [Pull, string]]),
  ]
  if (missing.length === 0) return null
  return (
    <div className="grid gap-6 border-y border-line py-4 md:grid-cols-2">
      {missing.map(([of, what]) => (
        <ScanField
          key={`${of.id} ${dry}`}
          what={`${what}, ${dry ? 'dry' : 'wet'}`}
          dry={dry}
          onScan={(scan) => room.addScan(of, scan, 'a new picture')}
          onModel={() => room.model(of)}
        />
      ))}
    </div>
  )
}

/** Both prints on the light table, and what is said of them beside it. */
function Compared({ room, bat }: { room: MatchRoomHandle; bat: Pull }) {
  const { state, act, view } = room
  const { match, pull, places, key } = view
  if (!match || !pull) return null
  return (
    <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="min-w-0">
        <LightTable
          match={match}
          name={`Pull ${pull.number}`}
          places={places}
          accepted={new Set(state.accepted.keys())}
          current={state.current}
          look={state.look}
          onLook={(look) => act({ kind: 'look', look })}
        />
        <PlaceStepper
          key={key}
          places={places}
          accepted={state.accepted}
          current={Math.min(state.current, places.length - 1)}
          onCurrent={(current) => act({ kind: 'go-to', current })}
          onAccept={(place, why) => act({ kind: 'accept', place, why })}
        />
      </div>
      <MatchSide room={room} bat={bat} pull={pull} match={match} />
    </div>
  )
}

function MatchAtWork(props: MatchRoomProps) {
  const { pulls, bat } = props
  const job = useJob()
  const room = useMatchRoom(props)
  const edition = useEditionCheck(job.slug)
  const { state, view, act, person } = room
  return (
    <Panel
      title="Match check"
      answer={matchAnswer({
        pull: view.pull?.number ?? null,
        missing: [
          ...(view.ours ? [] : ['the BAT']),
          ...(view.theirs || !view.pull ? [] : [`pull ${view.pull.number}`]),
        ],
        standings: view.match ? [...view.standings.values()] : null,
        flaws: view.match?.flaws ?? null,
        refusal: view.refusal,
        isBusy: room.step !== null,
      })}
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
      <WhatAndWho room={room} pulls={pulls} />
      <Problems problems={room.problems} except={['person']} />
      <MissingPictures room={room} bat={bat} />
      <Comparing room={room} />
      {view.refusal && <PictureTools room={room} bat={bat} match={null} />}
      <Compared room={room} bat={bat} />
      <ContactSheet
        pulls={pulls}
        bat={bat}
        dry={state.dry}
        chosen={state.chosen}
        unchecked={view.ours ? unchecked(pulls, state.dry).length : 0}
        busy={room.busy}
        check={edition.state}
        problem={edition.problem}
        onChoose={(pullId) => act({ kind: 'choose', pullId })}
        onCheckAll={() =>
          room.isNamed() && edition.start({ dry: state.dry, by: person.trim(), tolerances: state.tolerances })
        }
        onStop={edition.stop}
      />
    </Panel>
  )
}

/** Match check: an impression's picture held against the BAT's, what differs, where and why, and the verdict on the print. */
export function MatchRoom({ bat, ...props }: Omit<MatchRoomProps, 'bat'> & { bat: Pull | null }) {
  const { slug } = useJob()
  if (!bat)
    return (
      <Panel
        title="Match check"
        answer={{
          says: 'Approve a proof as the BAT first',
          because: 'The BAT is the approved proof: prints are held against it.',
          asks: { words: 'Go to the proofs', page: `/jobs/${slug}/prove` },
        }}
      />
    )
  if (props.pulls.length === 0)
    return (
      <Panel
        title="Match check"
        answer={{
          says: 'No print of the edition yet',
          because: 'There is nothing to hold against the BAT.',
          asks: { words: 'Go to Edition', page: `/jobs/${slug}/edition` },
        }}
      />
    )
  return <MatchAtWork {...props} bat={bat} />
}
