import type { Outline } from '../geometry/polygon'
import { CHECK_BAR_MM, checkBar, cornerMarks, mirrorDrawing, type SheetDrawing, type Stroke } from '../sheet/sheetDrawing'
import { formatInches, formatMm } from '../units/length'
import type { Margins } from './margins'

type Size = { widthMm: number; heightMm: number }

/** What a registration sheet shows; all lengths in millimetres. */
export interface RegistrationSheetInput {
  paper: Size
  plate: Size
  margins: Margins
  /** a second sheet the plate is printed on, such as the proofing paper, with its own margins; null: one paper */
  other: { name: string; paper: Size; margins: Margins } | null
  /** Seen from beneath: the whole sheet turned left for right, so that its notes read true. */
  mirrored: boolean
  title: string
}

/** Room round the outer paper outline for the check bar and the notes. */
export const SURROUND_MM = 22
/** Reach of the marks outward from the corners of sheet and plate, mm. */
const REACH = { paper: 8, plate: 6 } as const

const box = (x: number, y: number, { widthMm, heightMm }: Size): Outline => [[x, y], [x + widthMm, y], [x + widthMm, y + heightMm], [x, y + heightMm]]
const line = (x1: number, y1: number, x2: number, y2: number): Stroke => ({ points: [[x1, y1], [x2, y2]], isClosed: false, widthMm: 0.25 })

/**
 * The sheet that lies under the plate, at 1:1: paper outlines outside, plate inside, corner and centre marks, and a 100 mm
 * check bar outside the paper. Seen from the printer's side the notes are mirrored, so that they cannot pass for part of the
 * print; seen from beneath the drawing is mirrored and the notes read true. The bar's own words read true both ways.
 */
export function registrationSheet({ paper, plate, margins, other, mirrored, title }: RegistrationSheetInput): SheetDrawing {
  // Everything is measured from the plate's corner; the room round it is what the larger of the papers wants.
  const sheets = [{ paper, margins }, ...(other ? [other] : [])]
  const most = (side: keyof Margins) => Math.max(...sheets.map((sheet) => sheet.margins[side]))
  const inner = most('leftMm') + plate.widthMm + most('rightMm')
  const widthMm = Math.max(inner, CHECK_BAR_MM) + 2 * SURROUND_MM
  const [plateX, plateY] = [(widthMm - inner) / 2 + most('leftMm'), SURROUND_MM + most('topMm')]
  const [paperX, paperY] = [plateX - margins.leftMm, plateY - margins.topMm]
  const lowest = plateY + plate.heightMm + most('bottomMm')
  const [middleX, middleY] = [plateX + plate.widthMm / 2, plateY + plate.heightMm / 2]
  const bar = checkBar(widthMm / 2 - CHECK_BAR_MM / 2, lowest + 7)
  const notes = [
    `${title}: paper ${formatMm(paper.widthMm)} × ${formatMm(paper.heightMm)}, plate ${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}`,
    `sides ${formatMm(margins.leftMm)} (${formatInches(margins.leftMm)}), top ${formatMm(margins.topMm)}, bottom ${formatMm(margins.bottomMm)}${other ? `; dashed: ${other.name}` : ''}`,
  ]
  const drawing: SheetDrawing = {
    widthMm, heightMm: lowest + SURROUND_MM, title, pictures: [],
    strokes: [
      { points: box(paperX, paperY, paper), isClosed: true, widthMm: 0.25, name: 'paper' },
      ...(other ? [{ points: box(plateX - other.margins.leftMm, plateY - other.margins.topMm, other.paper), isClosed: true, widthMm: 0.25, isDashed: true, name: 'other-paper' }] : []),
      ...cornerMarks(paperX, paperY, paper.widthMm, paper.heightMm, REACH.paper),
      { points: box(plateX, plateY, plate), isClosed: true, widthMm: 0.4, name: 'plate' },
      ...cornerMarks(plateX, plateY, plate.widthMm, plate.heightMm, Math.max(1, Math.min(REACH.plate, margins.leftMm, margins.topMm, margins.bottomMm))),
      line(middleX, paperY - 6, middleX, paperY), line(middleX, paperY + paper.heightMm, middleX, paperY + paper.heightMm + 5),
      line(paperX - 6, middleY, paperX, middleY), line(paperX + paper.widthMm, middleY, paperX + paper.widthMm + 6, middleY),
      ...bar.strokes,
    ],
    words: [...notes.map((text, i) => ({ text, at: [widthMm / 2, 12.5 + 4.5 * i] as [number, number], sizeMm: 3.2, anchor: 'middle' as const, isMirrored: true })), ...bar.words.map((words) => ({ ...words, isMirrored: mirrored }))],
  }
  return mirrored ? mirrorDrawing(drawing) : drawing
}
