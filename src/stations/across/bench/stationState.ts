import { counted } from '@/core/units/counted'
import { compareSettings } from '@/core/prove/compareSettings'
import { SETTING_STATIONS, unsetStations, type SettingStation, type Station } from '@/core/prove/settings'
import type { BenchJob } from './BenchContext'

/** How a station stands on the line. */
export type StationState = { mark: 'set' | 'changed' | 'needs-you' | 'later'; word: string }

/** Reads how each station of a job stands, from its bench and what was pulled. */
export function stationState(station: Station, job: BenchJob, bench: BenchJob['bench']): StationState {
  const isSetting = (key: Station): key is SettingStation => (SETTING_STATIONS as Station[]).includes(key)
  if (isSetting(station)) {
    if (bench[station] === null) return { mark: 'needs-you', word: 'to do' }
    const changed = job.bat
      ? compareSettings(job.bat.settings, bench).filter((difference) => difference.station === station).length
      : 0
    return changed > 0
      ? { mark: 'changed', word: `${changed} changed` }
      : { mark: 'set', word: job.bat ? 'matches' : 'set' }
  }
  const allSet = unsetStations(bench).length === 0
  const done = job.accepted >= job.editionSize
  switch (station) {
    case 'prove':
      if (job.bat) return { mark: 'set', word: `BAT ${job.bat.version}` }
      return {
        mark: allSet ? 'needs-you' : 'later',
        word: job.proofs === 0 ? 'no proof yet' : counted(job.proofs, 'proof'),
      }
    case 'edition':
      return {
        mark: done ? 'set' : job.bat ? 'needs-you' : 'later',
        word: done ? `${job.accepted} accepted` : `${job.accepted} of ${job.editionSize}`,
      }
    case 'dry':
      if (job.numbered) return { mark: 'set', word: 'numbered' }
      return { mark: done && job.bat ? 'needs-you' : 'later', word: job.drying ? 'drying' : 'not yet' }
    default:
      return { mark: job.numbered ? 'set' : 'later', word: job.numbered ? 'ready' : 'not yet' }
  }
}
