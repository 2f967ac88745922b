import type { MatchTolerances } from './checks/matchCheck'
import type { PrintedZone } from './checks/colourCheck'
import type { DriedTone } from './driedPicture'
import type { evenLight, PaperWhite } from './evenLight'
import type { EdgesFound } from './edgeFlaws'
import { evenSheets } from './evenSheets'
import type { Box } from './findPlate'
import { isConvex, type Corners } from './homography'
import { seenAt, type Lens } from './lens'
import type { MatchRefusal } from './matchPictures'
import { lookAtPaper } from './paperRound'
import { quartersByShape, quartersLying, turnedBy } from './lying'
import type { Rgb } from './picture'
import type { PictureLook } from './pictureFlaws'
import { darkestShare, isTwoTone } from './pictureTones'
import { rectify } from './rectify'
import { seenBox } from './seenBox'
import { sidesTurned } from './seenSides'
import type { Scan } from './scan'
import { frameOf, sheetEdges } from './sheetEdges'
import { findStrip, type FoundStrip } from './strip/findStrip'
import type { StripUse } from './strip/stripUse'
import { withoutStrip } from './strip/withoutStrip'

/** Prints are judged at so many dots an inch: finer than this nobody looks at one. */
const JUDGED_DPI = 150

/** One of the two pictures: with the corners of its sheet, where a person has set them. */
export interface MatchSide {
  picture: Rgb
  corners: Corners | null
  /** of a wet print held against a dry one: what its tones change by as they dry */
  dries?: readonly DriedTone[]
  /** how it was taken, where somebody said so */
  taken?: Scan['taken'] | null
  /** with which device, where its file says so */
  device?: Scan['device']
  /** where the plate mark lies on the upright sheet, where a person has set it, mm; found by the tool otherwise. Of the reference alone. */
  plateAt?: { leftMm: number; topMm: number } | null
}

export interface MatchImpressionInput {
  reference: MatchSide
  impression: MatchSide
  sheet: { widthMm: number; heightMm: number }
  /** the plate and where the settings place it on the sheet, as the print's face shows it */
  plate: { leftMm: number; topMm: number; widthMm: number; heightMm: number }
  /** zones as the print shows them, mm from the plate mark's top left corner */
  zones: readonly PrintedZone[]
  /** how far the shop lets each check stray; left out: as is usual */
  tolerances?: MatchTolerances
}

/** Both sheets upright and in even light, and what was seen of their pictures on the way. */
export interface StraightSheets {
  ours: ReturnType<typeof evenLight>
  theirs: ReturnType<typeof evenLight>
  pixelsPerMm: number
  /** where the plate is wanted, px */
  wanted: Box
  /** of the sheet, what each picture shows, px */
  seen: Record<'reference' | 'impression', Box>
  look: Record<'reference' | 'impression', PictureLook>
  /** what the paper of both looks like now; null: nobody knows */
  paper: PaperWhite | null
  /** what the grey strip did, where it lies beside them */
  strip: StripUse
  /** of the sheets in their pictures, named as they stand now */
  corners: Record<'reference' | 'impression', Corners>
}

/** Why a picture cannot be straightened whatever is on it; null: it may be. */
function unfit(which: MatchRefusal['which'], { picture, corners }: MatchSide): MatchRefusal | null {
  const { width: widthPx, height: heightPx } = picture
  if (Math.min(widthPx, heightPx) < 64) return { which, reason: { code: 'too-small', widthPx, heightPx } }
  return corners && !isConvex(corners) ? { which, reason: { code: 'corners-crossed' } } : null
}

/**
 * Finds and straightens the sheets of two pictures, and evens their light by their margins.
 *
 * @param turned quarters by which the impression lies otherwise than its corners say
 * @param tell hears what is going on, as the place of a step in `MATCH_STEPS` (matchSteps)
 */
export function straightSheets(
  { reference: ourSide, impression: theirSide, sheet, plate }: MatchImpressionInput,
  turned: number,
  tell: (step: number) => void,
): StraightSheets | MatchRefusal {
  tell(0)
  const refusal = unfit('reference', ourSide) ?? unfit('impression', theirSide)
  if (refusal) return refusal
  const [ourStrip, theirStrip] = [findStrip(ourSide.picture), findStrip(theirSide.picture)]
  const [reference, impression] = [withStripGone(ourSide, ourStrip), withStripGone(theirSide, theirStrip)]
  const [ourEdges, theirEdges] = [reference, impression].map(({ picture, corners, taken }) =>
    sheetEdges(picture, corners, { sheet, plate }, taken),
  )
  const place = { ...plate, ...reference.plateAt }
  // A sheet scanned lying across, or upside down, is turned upright by naming its corners from another one.
  const ourFrame = ourEdges?.corners ?? frameOf(reference.picture)
  const ourTurn = ourEdges
    ? quartersLying(reference.picture, ourEdges, { sheet, plate: place })
    : quartersByShape(ourFrame, sheet)[0]
  const ourCorners = turnedBy(ourFrame, ourTurn)
  const theirFrame = theirEdges?.corners ?? frameOf(impression.picture)
  const theirCorners = turnedBy(theirFrame, quartersByShape(theirFrame, sheet)[0] + turned)
  const across = ([a, b]: Corners) => Math.hypot(b[0] - a[0], b[1] - a[1]) / sheet.widthMm
  const pixelsPerMm = Math.min(JUDGED_DPI / 25.4, across(ourCorners), across(theirCorners))
  const [width, height] = [Math.round(sheet.widthMm * pixelsPerMm), Math.round(sheet.heightMm * pixelsPerMm)]
  const upright = rectify(reference.picture, ourCorners, width, height, ourEdges?.lens)
  const lying = rectify(impression.picture, theirCorners, width, height, theirEdges?.lens)
  if (!upright || !lying) return { which: upright ? 'impression' : 'reference', reason: { code: 'no-sheet' } }

  tell(1)
  const wanted: Box = {
    left: place.leftMm * pixelsPerMm,
    top: place.topMm * pixelsPerMm,
    width: plate.widthMm * pixelsPerMm,
    height: plate.heightMm * pixelsPerMm,
  }
  const [ourSeen, theirSeen] = [
    seenBox(reference.picture, ourCorners, width, height),
    seenBox(impression.picture, theirCorners, width, height),
  ]
  const { ours, theirs, paper, strip } = evenSheets(
    {
      reference: { taken: ourSide.picture, upright, corners: ourCorners, seen: ourSeen, strip: ourStrip },
      impression: {
        taken: theirSide.picture,
        upright: lying,
        corners: theirCorners,
        seen: theirSeen,
        strip: theirStrip,
      },
    },
    wanted,
    pixelsPerMm,
  )
  const paperOf = (picture: Rgb, seen: Box) => lookAtPaper(picture, wanted, pixelsPerMm, seen)
  const isBled =
    Math.min(wanted.left, wanted.top) < 1 ||
    wanted.left + wanted.width > width - 1 ||
    wanted.top + wanted.height > height - 1
  return {
    ours,
    theirs,
    pixelsPerMm,
    wanted,
    seen: { reference: ourSeen, impression: theirSeen },
    look: {
      reference: {
        ...cameFrom(reference),
        edges: ourEdges,
        white: ours.white,
        paper: paperOf(upright, ourSeen),
        levelled: paperOf(ours.picture, ourSeen),
        isBled,
        tones: tonesOf(reference.picture, upright, wanted),
        pixelsPerMm: across(ourCorners),
      },
      impression: {
        ...cameFrom(impression),
        edges: theirEdges && withSidesTurned(theirEdges, turned),
        white: theirs.white,
        paper: paperOf(lying, theirSeen),
        levelled: paperOf(theirs.picture, theirSeen),
        isBled,
        tones: tonesOf(impression.picture, lying, wanted),
        pixelsPerMm: across(theirCorners),
      },
    },
    paper,
    strip,
    corners: {
      reference: asSeen(ourCorners, ourEdges?.lens),
      impression: asSeen(theirCorners, theirEdges?.lens),
    },
  }
}

/** Where a picture came from, as somebody or its file says. */
const cameFrom = ({ taken, device, picture }: MatchSide) => ({
  taken: taken ?? null,
  device: device ?? null,
  isScaled: picture.pixelsPerMm !== undefined,
  profile: picture.profile ?? null,
})

/** A side whose picture shows its sheet alone. */
const withStripGone = (side: MatchSide, strip: FoundStrip | null): MatchSide =>
  strip ? { ...side, picture: withoutStrip(side.picture, strip.corners) } : side

/** @param upright the same, straightened @param plate where it is about on that, px */
const tonesOf = (picture: Rgb, upright: Rgb, plate: Box) => ({
  isGrey: picture.isGrey === true,
  isTwoTone: isTwoTone(picture),
  darkest: darkestShare(upright, plate),
})

/** Corners where they are seen in the picture. */
const asSeen = (corners: Corners, lens: Lens | null | undefined): Corners =>
  lens ? (corners.map((spot) => seenAt(lens, spot)) as unknown as Corners) : corners

/** Edges of a sheet that is cut, and lies otherwise than was thought. */
const withSidesTurned = (edges: EdgesFound, quarters: number): EdgesFound => ({
  ...edges,
  sides: edges.sides && edges.sides !== 'three' ? sidesTurned(edges.sides, quarters) : edges.sides,
})
