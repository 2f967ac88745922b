import type { LaidInk } from '@/core/edition/layDown'
import type { LearnedGhost } from '@/core/ink/ghost'
import { STATIONS, type SettingStation } from '@/core/prove/settings'
import { counted } from '@/core/units/counted'
import { listed } from '@/core/units/listed'
import type { RoomAnswer } from '@/ui/Answer'
import type { NextLayDown } from './nextLayDown'

/** What is in the way of a lay-down; null: nothing. */
export function layDownRefusal(
  asksBat: boolean,
  unset: readonly SettingStation[],
  jobPage: string,
): RoomAnswer | null {
  if (asksBat)
    return {
      says: 'Lay-downs are for prints that differ',
      because: 'This job is an edition: every print of it is to be as the BAT.',
      asks: { words: 'Say what the job is for', page: `${jobPage}/runs` },
    }
  return unset.length === 0
    ? null
    : {
        says: `Set ${listed(unset.map((station) => STATIONS[station].toLowerCase()))} first`,
        because: 'The slab is the plate; sheet and press are written down with the print.',
        asks: { words: `Go to ${STATIONS[unset[0]]}`, page: `${jobPage}/${unset[0]}` },
      }
}

/** What is laid down next, and onto what. */
export function layDownAnswer({
  number,
  print,
  onto,
  next,
  laid,
  ghost,
}: {
  number: number
  /** number of a print that was begun; null: a new one */
  print: number | null
  onto: { name: string } | null
  next: Pick<NextLayDown, 'way'>
  laid: readonly Pick<LaidInk, 'name'>[] | null
  ghost: LearnedGhost
}): RoomAnswer {
  const fresh = onto ? `onto ${onto.name}` : 'on a fresh sheet'
  const says = `Lay-down ${number} ${print === null ? fresh : `of print ${print}`}`
  if (next.way === 'ghost')
    return {
      says: `${says}: a ghost, about ${Math.round(100 * ghost.share)} % of the first`,
      because:
        ghost.from === 0
          ? 'From memory, 20 to 40 %: judge it once it is laid, and the next is told from yours.'
          : `From ${counted(ghost.from, 'ghost')} judged here.`,
    }
  return {
    says: laid ? `${says}: ${laid.map(({ name }) => name).join(' and ')}` : says,
    because:
      'Look over slab and sheet in raking light for hairs, then lay it down. Lighter pressure than for a bitten plate.',
  }
}
