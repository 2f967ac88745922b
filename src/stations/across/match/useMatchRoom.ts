'use client'

import { useEffect, useReducer, useRef } from 'react'
import { verdictOf, type ScanSide } from '@/core/edition/compareScans'
import type { Pull } from '@/core/edition/pull'
import type { Corners } from '@/core/match/homography'
import type { MatchImpressionInput } from '@/core/match/straightSheets'
import type { PrintedZone } from '@/core/match/checks/colourCheck'
import { misfitMarks } from '@/core/match/misfitMarks'
import type { Scan } from '@/core/match/scan'
import { keepMisfitAction } from '../../register/registerActions'
import { sendAct } from '../act/sendAct'
import { useJob } from '../bench/BenchContext'
import { usePull } from '../pull/usePull'
import { modelScanAction } from './actions'
import { matchRoom, openMatchRoom, readMatchRoom, type MatchRoomAct, type MatchView } from './matchRoomState'
import { pixelsAddress } from '../pixelsAddress'
import { useMatch } from './useMatch'

/** What the match room is opened with. */
export interface MatchRoomProps {
  /** the edition's pulls of the run on the bench */
  pulls: Pull[]
  bat: Pull
  sheet: MatchImpressionInput['sheet']
  plate: MatchImpressionInput['plate']
  zones: PrintedZone[]
  /** the pull of the address, if it names one */
  asked: string | null
}

const pictureOf = ({ imageId, ...known }: ScanSide) => ({ url: pixelsAddress(imageId), ...known })

/** The match room at work: pictures that are there are compared by themselves, and what is said of them is written on the prints. */
export function useMatchRoom({ pulls, bat, sheet, plate, zones, asked }: MatchRoomProps) {
  const job = useJob()
  const { person, busy, problems, add } = usePull()
  const { step, compare, cancel } = useMatch()
  const [state, act] = useReducer(matchRoom, null, () => openMatchRoom(pulls, asked))
  const view = readMatchRoom(state, bat, pulls)

  const run = async ({ key, pair, pull }: MatchView) => {
    if (!key || !pull || !pair || !('reference' in pair)) return
    const [reference, impression] = [pictureOf(pair.reference), pictureOf(pair.impression)]
    const compared = await compare({
      reference,
      impression,
      sheet,
      plate,
      zones,
      tolerances: state.tolerances,
    })
    if (compared) act({ kind: 'compared', key, compared, pull })
  }
  const begun = useRef<string | null>(null)
  useEffect(() => {
    if (begun.current === view.key) return
    begun.current = view.key
    // The work itself is elsewhere; what comes of it is shown when it comes. Of a print without a picture nothing is reckoned, nor of the one before.
    if (view.key) void run(view)
    else cancel()
  })

  /** Without a name nothing is kept: the refusal stands at the field. */
  const isNamed = () => {
    if (!person.trim()) void add(bat.id, [])
    return person.trim() !== ''
  }
  return {
    state,
    view,
    act: act as (done: MatchRoomAct) => void,
    person,
    busy,
    problems,
    step,
    cancel,
    compareAgain: () => void run(view),
    isNamed,
    addScan: (pull: Pull, scan: Scan, why: string) => add(pull.id, [{ kind: 'scan', scan }], why),
    setCorners: (pull: Pull, scan: Scan, corners: Corners | null) =>
      void add(
        pull.id,
        [{ kind: 'scan', scan: { ...scan, corners: corners as Scan['corners'] } }],
        'corners of the sheet set by hand',
      ),
    model: async (pull: Pull) => {
      const answered = await sendAct(modelScanAction, { slug: job.slug, pullId: pull.id })
      return answered.ok ? { id: answered.id } : { message: answered.problems[0].message }
    },
    keepVerdict: () =>
      view.pull &&
      view.match &&
      void add(
        view.pull.id,
        [{ kind: 'match', match: verdictOf(view.match, bat, state.accepted, state.tolerances) }],
        'compared again',
      ),
    keepMisfit: async () => {
      const { match, pull, key } = view
      if (!match || !pull || !key || !isNamed()) return
      const misfit = {
        plate: pull.settings.plate.name,
        marks: misfitMarks(match.placed, plate),
        by: person,
      }
      const answered = await sendAct(keepMisfitAction, { jobId: job.id, misfit })
      if (answered.ok) act({ kind: 'misfit-kept', key })
    },
  }
}

export type MatchRoomHandle = ReturnType<typeof useMatchRoom>
