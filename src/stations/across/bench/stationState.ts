import { counted } from '@/core/units/counted'
import { compareSettings } from '@/core/prove/compareSettings'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { printsWanted, purposeFacts, sizeDeclared } from '@/core/prove/purpose'
import { SETTING_STATIONS, type SettingStation, type Station } from '@/core/prove/settings'
import type { BenchJob } from './BenchContext'

/** How a station stands on the line. */
export type StationState = { mark: 'set' | 'changed' | 'needs-you' | 'later'; word: string }

const isSetting = (key: Station): key is SettingStation => (SETTING_STATIONS as Station[]).includes(key)

function settingState(station: SettingStation, job: BenchJob, bench: BenchJob['bench']): StationState {
  if (bench[station] === null)
    return purposeFacts(job.purpose).needs.includes(station)
      ? { mark: 'needs-you', word: 'to do' }
      : { mark: 'later', word: 'as usual' }
  const changed = job.bat
    ? compareSettings(job.bat.settings, bench).filter((difference) => difference.station === station).length
    : 0
  if (changed > 0) return { mark: 'changed', word: `${changed} changed` }
  return { mark: 'set', word: job.bat ? 'matches' : 'set' }
}

function proveState(job: BenchJob, isReady: boolean): StationState {
  if (job.bat) return { mark: 'set', word: `BAT ${job.bat.version}` }
  const { asksBat, pulledAt } = purposeFacts(job.purpose)
  const isAsked = asksBat || pulledAt === 'prove'
  const proofs = job.proofs === 0 ? 'no proof yet' : counted(job.proofs, 'proof')
  if (!asksBat && pulledAt === 'prove' && job.accepted > 0) return { mark: 'set', word: proofs }
  if (!isAsked && job.proofs === 0) return { mark: 'later', word: 'if you wish' }
  return { mark: isAsked && isReady ? 'needs-you' : 'later', word: proofs }
}

function editionState(job: BenchJob, isReady: boolean, isDone: boolean): StationState {
  const size = sizeDeclared(job)
  const word = size === null ? `${job.accepted} kept` : `${job.accepted} of ${size}`
  if (isDone) return { mark: 'set', word: size === null ? word : `${job.accepted} accepted` }
  return { mark: isReady && purposeFacts(job.purpose).pulledAt === 'edition' ? 'needs-you' : 'later', word }
}

/** Reads how each station of a job stands, from its bench and what was pulled. */
export function stationState(station: Station, job: BenchJob, bench: BenchJob['bench']): StationState {
  if (isSetting(station)) return settingState(station, job, bench)
  const isReady = stationsWanting(bench, job.purpose).length === 0
  const isDone = job.accepted >= printsWanted(job)
  const { asksBat } = purposeFacts(job.purpose)
  const isHeld = job.bat !== null || !asksBat
  switch (station) {
    case 'prove':
      return proveState(job, isReady)
    case 'edition':
      // An edition with its BAT asks for its next print whatever stands on the bench.
      return editionState(job, asksBat ? isHeld : isReady, isDone)
    case 'dry':
      if (job.numbered) return { mark: 'set', word: asksBat ? 'numbered' : 'signed' }
      return { mark: isDone && isHeld ? 'needs-you' : 'later', word: job.drying ? 'drying' : 'not yet' }
    default:
      return { mark: job.numbered ? 'set' : 'later', word: job.numbered ? 'ready' : 'not yet' }
  }
}
