import type { Placement } from './tearPlan'

/** One tear: the bar's distance from the edge, and how often it is repeated without moving the bar. */
export interface TearSetting {
  atMm: number
  times: number
}
/** All tears of one part in one direction: "the sheet, from the left: 300 mm". */
export interface TearStep {
  part: string
  parts: number
  from: 'left' | 'top'
  settings: TearSetting[]
}

interface Region {
  x: number
  y: number
  width: number
  height: number
}
type Box = Pick<Placement, 'xMm' | 'yMm' | 'widthMm' | 'heightMm'>

/** Less than this is no strip: nobody tears a tenth of a millimetre off, mm. */
const NOTHING = 0.1

/** Where a region can be torn right across: its blocks along one direction, each with the pieces in it. */
function blocks(
  region: Region,
  pieces: readonly Box[],
  from: 'left' | 'top',
): { start: number; end: number; pieces: Box[] }[] {
  const [begin, length] =
    from === 'left'
      ? [(box: Box) => box.xMm, (box: Box) => box.widthMm]
      : [(box: Box) => box.yMm, (box: Box) => box.heightMm]
  const found: { start: number; end: number; pieces: Box[] }[] = []
  for (const piece of [...pieces].sort((a, b) => begin(a) - begin(b))) {
    const last = found.at(-1)
    const [start, end] = [begin(piece), begin(piece) + length(piece)]
    if (last && start < last.end - NOTHING) {
      last.end = Math.max(last.end, end)
      last.pieces.push(piece)
    } else found.push({ start, end, pieces: [piece] })
  }
  return found
}

/** Same settings one after the other are one setting of the bar. */
function grouped(distances: readonly number[]): TearSetting[] {
  const settings: TearSetting[] = []
  for (const distance of distances) {
    const atMm = Number(distance.toFixed(1))
    const last = settings.at(-1)
    if (last && Math.abs(last.atMm - atMm) < 0.05) last.times += 1
    else settings.push({ atMm, times: 1 })
  }
  return settings
}

function tear(region: Region, pieces: readonly Box[], part: string): TearStep[] {
  if (pieces.length === 0) return []
  const [columns, rows] = [blocks(region, pieces, 'left'), blocks(region, pieces, 'top')]
  const offcut = {
    left: region.x + region.width - columns.at(-1)!.end > NOTHING,
    top: region.y + region.height - rows.at(-1)!.end > NOTHING,
  }
  const canLeft = columns.length > 1 || offcut.left
  const canTop = rows.length > 1 || offcut.top
  if (!canLeft && !canTop) return []
  // Fewer, longer strips first: every strip is then torn again, so this way there are fewest tears.
  const from = canLeft && (!canTop || columns.length <= rows.length) ? 'left' : 'top'
  const found = from === 'left' ? columns : rows
  // Each tear is measured from the edge the last one left; the last block is torn too where an offcut stays.
  let edge = from === 'left' ? region.x : region.y
  const distances: number[] = []
  found.forEach(({ end }, i) => {
    if (i < found.length - 1 || offcut[from]) distances.push(end - edge)
    edge = found[i + 1]?.start ?? end
  })
  const inner = found.flatMap(({ start, end, pieces: within }, i) =>
    tear(
      from === 'left'
        ? { x: start, y: region.y, width: end - start, height: region.height }
        : { x: region.x, y: start, width: region.width, height: end - start },
      within,
      `strip ${i + 1}`,
    ),
  )
  return [{ part, parts: 1, from, settings: grouped(distances) }, ...inner]
}

const sameTears = (a: TearStep, b: TearStep) =>
  a.from === b.from && JSON.stringify(a.settings) === JSON.stringify(b.settings)

/**
 * The tears of a plan in the order of work: the sheet into strips, then the strips into pieces, with the bar's distance from
 * the edge that lies against it. Strips that are torn alike stand together.
 *
 * @param sheet the parent sheet, mm
 * @param placements as `planTearing` laid them: every one can be reached by tears from edge to edge
 */
export function tearSteps(
  sheet: { widthMm: number; heightMm: number },
  placements: readonly Box[],
): TearStep[] {
  const steps = tear({ x: 0, y: 0, width: sheet.widthMm, height: sheet.heightMm }, placements, 'the sheet')
  const together: TearStep[] = []
  for (const step of steps) {
    const last = together.at(-1)
    if (last && last.part !== 'the sheet' && sameTears(last, step)) {
      last.parts += 1
      last.part = `${last.parts} strips, each`
    } else together.push({ ...step })
  }
  return together
}

/** Pieces that keep a deckle on one side or more. */
export function deckledPieces(
  sheet: { widthMm: number; heightMm: number },
  placements: readonly Box[],
): number {
  return placements.filter(
    ({ xMm, yMm, widthMm, heightMm }) =>
      xMm < NOTHING ||
      yMm < NOTHING ||
      sheet.widthMm - xMm - widthMm < NOTHING ||
      sheet.heightMm - yMm - heightMm < NOTHING,
  ).length
}
