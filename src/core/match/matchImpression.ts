import { mapLayers, type MapLayers } from './checkPictures'
import { colourFigures, type ColourFigures } from './checks/colourCheck'
import { MATCH_CHECK_KEYS, type CheckResult, type MatchCheck } from './checks/matchCheck'
import { checkRegister, type Misplaced } from './checks/registerChecks'
import { outOfShape } from './deformation'
import { cropped } from './cropped'
import { driedPicture } from './driedPicture'
import { findPlateMark, type Box } from './findPlate'
import { cornersOf, type Corners } from './homography'
import { inkCells, type InkCells } from './inkCells'
import { inkByGrey } from './inkByGrey'
import { judgedAlike, type EdgeSpreads, type Softer } from './judgedAlike'
import type { JudgedPlate } from './judgedPlate'
import { quartersByShape } from './lying'
import { alignPictures, type MatchRefusal, type RefusalReason } from './matchPictures'
import { greyOf, type Rgb } from './picture'
import type { PictureFlaws } from './flawTable'
import { inOneContrast, unlessByContrast } from './ownContrast'
import { flawsOf, isOfCamera, unlessSpoiled, type PictureLook } from './pictureFlaws'
import { printChecks } from './printChecks'
import { marginMarks } from './printMarks'
import { commonBox, wholeBox } from './seenBox'
import { maySharePlate } from './samePlate'
import { carry } from './similarity'
import { isStripUsed, type StripUse } from './strip/stripUse'
import {
  straightSheets,
  type MatchImpressionInput,
  type MatchSide,
  type StraightSheets,
} from './straightSheets'

/** Paper kept round the plate when two are laid over one another, mm. */
const ROUND_MM = 12
/** Side of the squares most checks go by, mm. */
const CELL_MM = 1

export interface ImpressionMatch {
  /** both sheets upright, their light evened; the impression laid over the reference by its plate */
  reference: Rgb
  impression: Rgb
  pixelsPerMm: number
  /** of both sheets, as shares of their pictures */
  corners: { reference: Corners; impression: Corners }
  /** what keeps checks from being made, picture by picture; where a sheet's edges are not seen, the picture's frame stands for them */
  flaws: PictureFlaws
  /** where the plate was found on the reference, mm */
  plate: { leftMm: number; topMm: number; widthMm: number; heightMm: number }
  placed: Misplaced
  likeness: number
  colour: ColourFigures
  checks: CheckResult[]
  /** makes what the checks are seen in, over the plate and a little paper round it: for whoever looks */
  layers: () => MapLayers
  /** the picture that is softer than the other, so that both were compared as soft as it is; null: they are as sharp */
  softer: Softer | null
  /** what the grey strip did, where it lies beside the sheets */
  strip: StripUse
  /** with which device each was taken, and the profile its colours are by, where its file says so */
  files: Record<'reference' | 'impression', Pick<PictureLook, 'device' | 'profile'>>
  /** how unevenly each picture was lit, as a share */
  fall: { reference: number; impression: number }
}

/** A match with what its checks are seen in, as a page is handed it. */
export type ShownMatch = Omit<ImpressionMatch, 'layers'> & { layers: MapLayers }

/** The reference's sheet, upright, and where its plate was looked for: what a plate mark is set by. */
export type StraightReference = Pick<ImpressionMatch, 'reference' | 'pixelsPerMm' | 'plate'>

/** Why two pictures cannot be compared. @property straight left out where not even the sheets could be straightened */
export interface RefusedMatch extends MatchRefusal {
  straight?: StraightReference
}

/**
 * Holds the scan of an impression against that of the approved proof: finds and straightens both sheets, evens their light by their margins,
 * lays one over the other by what the plate prints, and goes through the checks.
 *
 * @param tell hears what is going on, as the place of a step in `MATCH_STEPS` (matchSteps)
 * @returns what was found, or why the two cannot be compared
 */
export function matchImpression(
  input: MatchImpressionInput,
  tell: (step: number) => void = () => undefined,
): ImpressionMatch | RefusedMatch {
  const { widthMm, heightMm } = input.sheet
  let found = holdAgainst(input, tell, 0)
  // A square sheet may lie four ways, any other the other way round.
  for (const quarters of quartersByShape(cornersOf(widthMm, heightMm), input.sheet).slice(1)) {
    if (!mayLieRound(found, input)) break
    const round = holdAgainst(input, tell, quarters)
    if (isNearer(round, found)) found = round
  }
  return found
}

/** Farther beside its place than this a print is seldom, and one that was laid upside down on the glass always, mm. */
const FAR_OFF_MM = 3
const misfitOf = ({ placed: { xMm, yMm } }: ImpressionMatch) => Math.hypot(xMm, yMm)

/**
 * Whether a print may have been laid upside down, which of a dark plate, of close hatching or of a drawing that is alike both ways its alignment does not tell:
 * it has its ink elsewhere, or lies far beside its place.
 */
const mayLieRound = (
  asLaid: ImpressionMatch | RefusedMatch,
  { impression }: MatchImpressionInput,
): boolean =>
  'which' in asLaid
    ? asLaid.reason.code === 'another-plate'
    : impression.corners === null && misfitOf(asLaid) > FAR_OFF_MM

/** Whether a print taken to lie upside down lies nearer to its place than as it was laid. */
const isNearer = (round: ImpressionMatch | RefusedMatch, asLaid: ImpressionMatch | RefusedMatch): boolean =>
  !('which' in round) && ('which' in asLaid || misfitOf(round) < misfitOf(asLaid) / 2)

/** @param turned quarters by which the impression lies otherwise than its corners say */
function holdAgainst(
  input: MatchImpressionInput,
  tell: (step: number) => void,
  turned: number,
): ImpressionMatch | RefusedMatch {
  const { reference, impression, sheet, plate, zones } = input
  const straight = straightSheets(input, turned, tell)
  if ('which' in straight) return straight
  const { ours, theirs, paper, wanted, seen, pixelsPerMm, look, corners } = straight
  if (paper && reference.dries) ours.picture = driedPicture(ours.picture, paper, reference.dries)
  if (paper && impression.dries) theirs.picture = driedPicture(theirs.picture, paper, impression.dries)

  tell(2)
  const { box: at, isSure } = reference.plateAt
    ? { box: { ...wanted, left: Math.round(wanted.left), top: Math.round(wanted.top) }, isSure: true }
    : findPlateMark(greyOf(ours.picture), wanted, pixelsPerMm)
  const onSheetMm = { leftMm: at.left / pixelsPerMm, topMm: at.top / pixelsPerMm }
  const straightReference: StraightReference = {
    reference: ours.picture,
    pixelsPerMm,
    plate: { ...onSheetMm, widthMm: plate.widthMm, heightMm: plate.heightMm },
  }
  const round = Math.round(ROUND_MM * pixelsPerMm)
  const cut = plateCut(at, straight)
  if (cut) return { which: cut, reason: { code: 'plate-cut' }, straight: straightReference }
  const crop = commonBox(commonBox(seen.reference, seen.impression), {
    left: at.left - round,
    top: at.top - round,
    width: Math.round(at.left + at.width) + round - (at.left - round),
    height: Math.round(at.top + at.height) + round - (at.top - round),
  })

  tell(3)
  const [one, other] = [cropped(ours.picture, crop), cropped(theirs.picture, crop)]
  const laid = alignPictures(one, other)
  if ('which' in laid)
    return { which: laid.which, reason: withEdges(laid.reason, look), straight: straightReference }
  const { alignment } = laid
  const quarters = Math.round(alignment.rotation / (Math.PI / 2))
  // It lay the other way round on the glass: its corners are named anew, so that its margins lie over the reference's too.
  if (quarters !== 0 && turned === 0) return holdAgainst(input, tell, (quarters + 4) % 4)

  tell(4)
  const plateInCrop: Box = { ...at, left: at.left - crop.left, top: at.top - crop.top }
  const middle = [plateInCrop.left + plateInCrop.width / 2, plateInCrop.top + plateInCrop.height / 2] as const
  const [toX, toY] = carry(alignment, [crop.width / 2, crop.height / 2], middle)
  const spreads = spreadsOf(straight)
  const { judged, softer } = judgedAlike(one, other, alignment, plateInCrop, pixelsPerMm, spreads)
  const grown = (share: number) => 100 * (alignment.scale * (1 + share) - 1)
  const placed: Misplaced = {
    xMm: (toX - middle[0]) / pixelsPerMm,
    yMm: (toY - middle[1]) / pixelsPerMm,
    degrees: (alignment.rotation * 180) / Math.PI,
    widerPercent: grown(judged.deformation.stretch.x),
    tallerPercent: grown(judged.deformation.stretch.y),
    bentMm: outOfShape(judged.deformation) / pixelsPerMm,
    isSizeKnown: judged.isGrowthMeasured,
  }
  const cells = inkCells(judged, CELL_MM)
  if (!maySharePlate(cells))
    return {
      which: 'impression',
      reason: withEdges({ code: 'another-plate' }, look),
      straight: straightReference,
    }
  const colour = colourFigures(judged, zones)
  const origin = { leftMm: crop.left / pixelsPerMm, topMm: crop.top / pixelsPerMm }
  const isByStrip = isStripUsed(straight.strip)
  const flaws = flawsOf(
    look,
    sheet,
    {
      scale: alignment.scale,
      stretch: Math.max(Math.abs(judged.deformation.stretch.x), Math.abs(judged.deformation.stretch.y)),
      bentMm: placed.bentMm,
    },
    softer,
    isByStrip ? inkByGrey(judged) : null,
    isSure,
  )
  const [register, turn, stretch] = checkRegister(placed)
  const inMargin = marginMarks(straight, at, alignment)
  const checksOf = (print: JudgedPlate, itsCells: InkCells, itsColour: ColourFigures) => {
    const results: Record<MatchCheck, CheckResult> = {
      ...printChecks(print, itsCells, itsColour, { origin, onSheet: onSheetMm, inMargin }),
      register,
      turn,
      stretch: isOneWet(reference, impression) ? WET_SIZE : stretch,
    }
    return MATCH_CHECK_KEYS.map((key) => unlessSpoiled(results[key], flaws))
  }
  const isContrastUnknown =
    isOfCamera(look.reference) === true && isOfCamera(look.impression) === true && !isByStrip
  const asTaken = checksOf(judged, cells, colour)
  const { checks, isByContrast } = isContrastUnknown
    ? unlessByContrast(
        asTaken,
        () => {
          const even = judgedAlike(...inOneContrast(one, other), alignment, plateInCrop, pixelsPerMm, spreads)
          return checksOf(even.judged, inkCells(even.judged, CELL_MM), colourFigures(even.judged, zones))
        },
        input.tolerances,
      )
    : { checks: asTaken, isByContrast: false }
  return {
    ...straightReference,
    impression: theirs.picture,
    corners: {
      reference: inShares(corners.reference, reference.picture),
      impression: inShares(corners.impression, impression.picture),
    },
    flaws: isByContrast ? { ...flaws, impression: [...flaws.impression, 'own-contrast'] } : flaws,
    placed,
    likeness: laid.likeness,
    colour,
    checks,
    layers: () => mapLayers(judged, cells, origin, onSheetMm),
    softer,
    strip: straight.strip,
    files: { reference: saidBy(look.reference), impression: saidBy(look.impression) },
    fall: { reference: ours.fall, impression: theirs.fall },
  }
}

const saidBy = ({ device, profile }: PictureLook) => ({ device, profile })

/** The picture that cuts the plate, if one does. */
function plateCut(plate: Box, { seen, ours }: StraightSheets): 'reference' | 'impression' | null {
  // A plate may be larger than its sheet; of a pixel more or less nothing is said.
  const printed = commonBox(plate, wholeBox(ours.picture))
  const isCut = (shown: Box) =>
    printed.left < shown.left - 1 ||
    printed.top < shown.top - 1 ||
    printed.left + printed.width > shown.left + shown.width + 1 ||
    printed.top + printed.height > shown.top + shown.height + 1
  return (['reference', 'impression'] as const).find((which) => isCut(seen[which])) ?? null
}

/** One of the two was taken wet, and is only judged as if it were dry. */
const isOneWet = (one: Pick<MatchSide, 'dries'>, other: Pick<MatchSide, 'dries'>) =>
  Boolean(one.dries) !== Boolean(other.dries)
const WET_SIZE: CheckResult = {
  check: 'stretch',
  value: null,
  words: 'One print is wet, and a damp sheet is larger: compare sizes dry with dry.',
  places: [],
}

/** Why two pictures cannot be compared, and, where they seem to be of two plates, of which the sheet is not seen. */
function withEdges(reason: RefusalReason, look: StraightSheets['look']): RefusalReason {
  const unseen = (['impression', 'reference'] as const).find((which) => look[which].edges === null)
  return reason.code === 'another-plate' && unseen ? { ...reason, unseen } : reason
}

/** How soft each picture is: by the grey strip's frame where it lies beside both, by the sheet's own edge else. */
const spreadsOf = ({ strip, look }: StraightSheets): EdgeSpreads =>
  strip.spreadMm.reference !== null && strip.spreadMm.impression !== null
    ? { mm: strip.spreadMm, isOneEdge: true }
    : {
        mm: {
          reference: look.reference.edges?.spreadMm ?? null,
          impression: look.impression.edges?.spreadMm ?? null,
        },
        isOneEdge: false,
      }

const inShares = (corners: Corners, { width, height }: Rgb) =>
  corners.map(([x, y]) => [x / width, y / height] as const) as unknown as Corners
