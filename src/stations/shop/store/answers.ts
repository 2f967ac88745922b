import { paperStanding, type PaperStanding, type Reservation } from '@/core/paper/stock'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { listed } from '@/core/units/listed'
import { formatGrams } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'

/** What the shelf is asked for. */
interface Shelf {
  inks: readonly { name: string; gramsNow: number | null }[]
  papers: readonly { id: string; name: string; sheetsLeft: number | null; lowAt: number | null }[]
  presses: number
  reservations: readonly Reservation[]
}

/** What has to be bought first, or that there is enough. */
export function shelfAnswer({ inks, papers, presses, reservations }: Shelf): RoomAnswer {
  if (inks.length + papers.length + presses === 0)
    return {
      says: 'Nothing is in the stockroom yet',
      because: 'It is stocked with your first job; an ink of your own can go on now.',
      asks: { words: 'Add an ink', page: '/store/inks/new' },
    }
  const standings = papers.map((paper) => ({
    name: paper.name,
    ...paperStanding(
      paper.sheetsLeft,
      reservations.filter(({ paperId }) => paperId === paper.id),
      paper.lowAt,
    ),
  }))
  const short = standings.filter(({ standing }) => standing === 'short')
  const low = standings.filter(({ standing }) => standing === 'low')
  const empty = inks.filter(({ gramsNow }) => gramsNow !== null && gramsNow <= 0)
  const wanted = [...short.map(({ name }) => name), ...empty.map(({ name }) => name)]
  if (wanted.length > 0)
    return {
      says: `◆ Buy ${listed(wanted)}`,
      because: [
        ...short.map(({ name, left, reserved }) => `${name}: ${left} lie there, the jobs want ${reserved}.`),
        ...empty.map(({ name }) => `${name}: the tube is used up by what was weighed.`),
      ].join(' '),
    }
  if (low.length > 0)
    return {
      says: `Order ${listed(low.map(({ name }) => name))} soon`,
      because: low.map(({ name, free }) => `${name}: ${counted(free ?? 0, 'sheet')} free.`).join(' '),
    }
  return {
    says: 'Enough of everything for the jobs under way',
    because: `${counted(inks.length, 'ink')}, ${counted(papers.length, 'paper')}, ${counted(presses, 'press', 'presses')}.`,
  }
}

/** How far an ink covers and how much of it is left. @param opacity share of black over white that one film hides */
export function inkSheetAnswer(ink: {
  gramsNow: number | null
  opacity: number
  suits: readonly string[]
}): RoomAnswer {
  const covers = `It covers ${formatNumber(100 * ink.opacity, 0)} %`
  return {
    says:
      ink.gramsNow === null
        ? `${covers}; how much is left is not known`
        : `${covers}; ${formatGrams(Math.max(0, ink.gramsNow), 0)} left`,
    because:
      ink.suits.length > 0
        ? `As it comes it suits ${listed(ink.suits)}.`
        : 'Stiffer or softer than most work wants: see Stiffness.',
  }
}

/** How many sheets of a paper are free, or how many are missing. */
export function paperSheetAnswer({ left, reserved, free, standing }: PaperStanding): RoomAnswer {
  if (left === null)
    return {
      says: 'Not counted yet',
      because: `Count them once, and what the press takes is taken off. ${reserved} reserved for jobs.`,
    }
  const because = `${counted(left, 'sheet lies', 'sheets lie')} there by the book, ${reserved} reserved for jobs.`
  if (left <= 0) return { says: '◆ None left by the book: count them', because }
  if (standing === 'short') return { says: `◆ ${counted(-free, 'sheet')} short`, because }
  return { says: `${counted(free, 'sheet')} free${standing === 'low' ? ': order again' : ''}`, because }
}

/** What a new ink still needs before it can go on the shelf. */
export const newInkAnswer = (name: string, isRead: boolean): RoomAnswer =>
  isRead
    ? { says: `Put ${name || 'it'} on the shelf`, because: 'Its colour is read: every forecast can use it.' }
    : {
        says: 'Add an ink: read its colour one way',
        because: 'A drawdown tells most; a picture is enough to begin with, and is marked as estimated.',
      }
