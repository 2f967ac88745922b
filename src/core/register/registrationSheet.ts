import type { Outline } from '../geometry/polygon'
import {
  CHECK_BAR_MM,
  checkBar,
  cornerMarks,
  mirrorDrawing,
  type SheetDrawing,
  type Stroke,
} from '../sheet/sheetDrawing'
import { formatInches, formatMm } from '../units/length'
import type { Margins } from './margins'
import type { OtherPlate, RegisterMark } from './registerSetting'

type Size = { widthMm: number; heightMm: number }

/** What a registration sheet shows; all lengths in millimetres, margins as they lie on the bed. */
export interface RegistrationSheetInput {
  paper: Size
  plate: Size
  margins: Margins
  /** a second sheet the plate is printed on, such as the proofing paper, with its own margins; null: one paper */
  other: { name: string; paper: Size; margins: Margins } | null
  marks: readonly RegisterMark[]
  /** further plates in the order they are printed, their offsets as they lie on the bed: right and toward the roller */
  plates: readonly OtherPlate[]
  /** how much of the far edge the roller holds; null: the sheet is not trapped */
  trapMm: number | null
  /** Seen from beneath: the whole sheet turned left for right, so that its notes read true. */
  mirrored: boolean
  title: string
}

/** Room round the outer paper outline for the check bar and the notes. */
export const SURROUND_MM = 22
/** Reach of the marks outward from the corners of sheet and plate, mm. */
const REACH = { paper: 8, plate: 6 } as const
/** Length of an edge stop's arms, and how far the stops of the long side stand in from its ends, mm. */
const STOP = { arm: 25, in: 30 } as const
/** A pin hole's radius, mm, and the corners it is drawn with. */
const PIN = { radiusMm: 1.5, corners: 24 } as const

const box = (x: number, y: number, { widthMm, heightMm }: Size): Outline => [
  [x, y],
  [x + widthMm, y],
  [x + widthMm, y + heightMm],
  [x, y + heightMm],
]
const line = (x1: number, y1: number, x2: number, y2: number, name?: string): Stroke => ({
  points: [
    [x1, y1],
    [x2, y2],
  ],
  isClosed: false,
  widthMm: 0.25,
  ...(name ? { name } : {}),
})
const ring = (x: number, y: number, name: string): Stroke => ({
  points: Array.from({ length: PIN.corners }, (_, i): [number, number] => [
    x + PIN.radiusMm * Math.cos((2 * Math.PI * i) / PIN.corners),
    y + PIN.radiusMm * Math.sin((2 * Math.PI * i) / PIN.corners),
  ]),
  isClosed: true,
  widthMm: 0.25,
  name,
})

interface Laid {
  x: number
  y: number
  size: Size
}

/** The marks that plate and paper are laid by: each for one way of laying. */
const MARKS: Record<RegisterMark, (paper: Laid, plate: Laid, margins: Margins) => Stroke[]> = {
  corners: (paper, plate, margins) => [
    ...cornerMarks(paper.x, paper.y, paper.size.widthMm, paper.size.heightMm, REACH.paper),
    ...cornerMarks(
      plate.x,
      plate.y,
      plate.size.widthMm,
      plate.size.heightMm,
      Math.max(1, Math.min(REACH.plate, margins.leftMm, margins.rightMm, margins.topMm, margins.bottomMm)),
    ),
  ],
  centres: ({ x, y, size }, plate) => {
    const [middleX, middleY] = [plate.x + plate.size.widthMm / 2, plate.y + plate.size.heightMm / 2]
    return [
      line(middleX, y - 6, middleX, y),
      line(middleX, y + size.heightMm, middleX, y + size.heightMm + 5),
      line(x - 6, middleY, x, middleY),
      line(x + size.widthMm, middleY, x + size.widthMm + 6, middleY),
    ]
  },
  // Two stops along the near edge and one at the left: three points hold a sheet without forcing it.
  stops: ({ x, y, size }) => {
    const [bottom, inset] = [y + size.heightMm, Math.min(STOP.in, size.widthMm / 4)]
    return [
      line(x + inset, bottom, x + inset + STOP.arm, bottom, 'stop-1'),
      line(x + size.widthMm - inset - STOP.arm, bottom, x + size.widthMm - inset, bottom, 'stop-2'),
      line(x, bottom - inset - STOP.arm, x, bottom - inset, 'stop-3'),
    ].map((stroke) => ({ ...stroke, widthMm: 1 }))
  },
  // The T at the far edge, the bar at the near one: two marks tell place and turn.
  'tee-and-bar': ({ x, y, size }) => {
    const middle = x + size.widthMm / 2
    return [
      line(middle - 10, y - 2, middle + 10, y - 2, 'tee'),
      line(middle, y - 2, middle, y - 12),
      line(middle, y + size.heightMm + 1, middle, y + size.heightMm + 6, 'bar'),
    ]
  },
  pins: (paper, plate, margins) => {
    const middleY = plate.y + plate.size.heightMm / 2
    return [
      ring(paper.x + margins.leftMm / 2, middleY, 'pin-left'),
      ring(paper.x + paper.size.widthMm - margins.rightMm / 2, middleY, 'pin-right'),
    ]
  },
}

/**
 * The sheet that lies under the plate, at 1:1: paper outlines outside, plates inside, the marks they are laid by, and a 100 mm
 * check bar outside the paper; the roller's end of the bed is at the top. Seen from the printer's side the notes are mirrored, so
 * that they cannot pass for part of the print; seen from beneath the drawing is mirrored and the notes read true. The bar's own
 * words read true both ways.
 */
export function registrationSheet({
  paper,
  plate,
  margins,
  other,
  marks,
  plates,
  trapMm,
  mirrored,
  title,
}: RegistrationSheetInput): SheetDrawing {
  // Everything is measured from the plate's corner; the room round it is what the larger of the papers wants.
  const sheets = [{ paper, margins }, ...(other ? [other] : [])]
  const most = (side: keyof Margins) => Math.max(...sheets.map((sheet) => sheet.margins[side]))
  const inner = most('leftMm') + plate.widthMm + most('rightMm')
  const widthMm = Math.max(inner, CHECK_BAR_MM) + 2 * SURROUND_MM
  const [plateX, plateY] = [(widthMm - inner) / 2 + most('leftMm'), SURROUND_MM + most('topMm')]
  const [paperX, paperY] = [plateX - margins.leftMm, plateY - margins.topMm]
  const lowest = plateY + plate.heightMm + most('bottomMm')
  const bar = checkBar(widthMm / 2 - CHECK_BAR_MM / 2, lowest + 7)
  const placed: [Laid, Laid] = [
    { x: paperX, y: paperY, size: paper },
    { x: plateX, y: plateY, size: plate },
  ]
  const further = plates.map((one, i) => ({
    one,
    x: plateX + plate.widthMm / 2 + one.rightMm - one.widthMm / 2,
    y: plateY + plate.heightMm / 2 - one.upMm - one.heightMm / 2,
    order: i + 2,
  }))
  const notes = [
    `${title}: paper ${formatMm(paper.widthMm)} × ${formatMm(paper.heightMm)}, plate ${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}`,
    `left ${formatMm(margins.leftMm)} (${formatInches(margins.leftMm)}), right ${formatMm(margins.rightMm)}, top ${formatMm(margins.topMm)}, bottom ${formatMm(margins.bottomMm)}${other ? `; dashed: ${other.name}` : ''}`,
  ]
  const drawing: SheetDrawing = {
    widthMm,
    heightMm: lowest + SURROUND_MM,
    title,
    pictures: [],
    strokes: [
      { points: box(paperX, paperY, paper), isClosed: true, widthMm: 0.25, name: 'paper' },
      ...(other
        ? [
            {
              points: box(plateX - other.margins.leftMm, plateY - other.margins.topMm, other.paper),
              isClosed: true,
              widthMm: 0.25,
              isDashed: true,
              name: 'other-paper',
            },
          ]
        : []),
      { points: box(plateX, plateY, plate), isClosed: true, widthMm: 0.4, name: 'plate' },
      ...further.map(({ one, x, y, order }): Stroke => ({
        points: box(x, y, one),
        isClosed: true,
        widthMm: 0.4,
        isDashed: true,
        name: `plate-${order}`,
      })),
      ...(trapMm === null
        ? []
        : [
            {
              ...line(paperX - 6, paperY + trapMm, paperX + paper.widthMm + 6, paperY + trapMm, 'trap'),
              isDashed: true,
            },
          ]),
      ...marks.flatMap((mark) => MARKS[mark](...placed, margins)),
      ...bar.strokes,
    ],
    words: [
      ...notes.map((text, i) => ({
        text,
        at: [widthMm / 2, 12.5 + 4.5 * i] as [number, number],
        sizeMm: 3.2,
        anchor: 'middle' as const,
        isMirrored: true,
      })),
      ...(plates.length > 0
        ? [
            {
              text: '1',
              at: [plateX + plate.widthMm - 3, plateY + 6] as [number, number],
              sizeMm: 4,
              anchor: 'middle' as const,
              isMirrored: true,
            },
          ]
        : []),
      ...further.map(({ one, x, y, order }) => ({
        text: `${order} ${one.name}`,
        at: [x + one.widthMm - 3, y + 6 + 5 * (order - 1)] as [number, number],
        sizeMm: 4,
        anchor: 'start' as const,
        isMirrored: true,
      })),
      ...(trapMm === null
        ? []
        : [
            {
              text: 'roller holds the sheet to here',
              at: [paperX + paper.widthMm / 2, paperY + trapMm - 2] as [number, number],
              sizeMm: 3.2,
              anchor: 'middle' as const,
              isMirrored: true,
            },
          ]),
      ...bar.words.map((words) => ({ ...words, isMirrored: mirrored })),
    ],
  }
  return mirrored ? mirrorDrawing(drawing) : drawing
}

/** Further plates as they lie on the bed: under a sheet laid face down right is left. */
export const platesOnTheBed = (plates: readonly OtherPlate[], isFaceDown: boolean): OtherPlate[] =>
  plates.map((one) => ({ ...one, rightMm: isFaceDown ? one.rightMm : -one.rightMm }))
