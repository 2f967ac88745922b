import { m0001FirstRelease } from './m0001FirstRelease'
import { m0002PlateRoom } from './m0002PlateRoom'
import { m0003PrintingDay } from './m0003PrintingDay'
import { m0004PaperGrowth } from './m0004PaperGrowth'
import { m0005PaperStore } from './m0005PaperStore'
import { m0006PressRoom } from './m0006PressRoom'
import { m0007PullDesk } from './m0007PullDesk'
import { m0008Runs } from './m0008Runs'
import { m0009Ground } from './m0009Ground'
import { m0010Counts } from './m0010Counts'
import { m0011Withdrawn } from './m0011Withdrawn'
import { m0012InkReturned } from './m0012InkReturned'
import { m0013Units } from './m0013Units'
import { m0014PressureScales } from './m0014PressureScales'
import { m0015Purposes } from './m0015Purposes'
import { m0016EarlierPulls } from './m0016EarlierPulls'
import { m0017Rosters } from './m0017Rosters'
import { m0018GivenSheets } from './m0018GivenSheets'
import { m0019MixWeighed } from './m0019MixWeighed'
import { m0020PaperColour } from './m0020PaperColour'
import { m0021PutAway } from './m0021PutAway'
import { m0022Shelves } from './m0022Shelves'
import { m0023TradeWords } from './m0023TradeWords'
import type { Migration } from './migration'

/** Every change of the database's shape, in order. A released one is never edited: the next change is a new one. */
export const MIGRATIONS = [
  m0001FirstRelease,
  m0002PlateRoom,
  m0003PrintingDay,
  m0004PaperGrowth,
  m0005PaperStore,
  m0006PressRoom,
  m0007PullDesk,
  m0008Runs,
  m0009Ground,
  m0010Counts,
  m0011Withdrawn,
  m0012InkReturned,
  m0013Units,
  m0014PressureScales,
  m0015Purposes,
  m0016EarlierPulls,
  m0017Rosters,
  m0018GivenSheets,
  m0019MixWeighed,
  m0020PaperColour,
  m0021PutAway,
  m0022Shelves,
  m0023TradeWords,
] as const satisfies readonly Migration[]
