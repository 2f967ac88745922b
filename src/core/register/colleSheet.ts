import { formatFine } from '../units/quantity'
import type { Point } from '../geometry/point'
import {
  CHECK_BAR_HEIGHT_MM,
  CHECK_BAR_MM,
  checkBar,
  type SheetDrawing,
  type Stroke,
} from '../sheet/sheetDrawing'
import { formatMm, formatNumber } from '../units/length'
import { type ColleNest, type ColleSetting, type ColleTemplate } from './chineColle'
import { PASTES } from './laidPiece'

const MARGIN_MM = 8
const GRAIN_MM = 12

/** An arrow along the grain, with a head at both ends, round a middle. */
function grainArrow(x: number, y: number, grain: ColleSetting['grain']): Stroke[] {
  const [ux, uy] = grain === 'up' ? [0, 1] : [1, 0]
  const half = GRAIN_MM / 2
  const end = (sign: number, back: number, aside: number): Point => [
    x + sign * ux * (half - back) + uy * aside,
    y + sign * uy * (half - back) + ux * aside,
  ]
  const head = (sign: number): Stroke => ({
    points: [end(sign, 2, -2), end(sign, 0, 0), end(sign, 2, 2)],
    isClosed: false,
    widthMm: 0.3,
  })
  return [{ points: [end(-1, 0, 0), end(1, 0, 0)], isClosed: false, widthMm: 0.3 }, head(1), head(-1)]
}

const sideWords = (setting: Pick<ColleSetting, 'cutFrom'>) =>
  setting.cutFrom === 'face'
    ? 'Cut with the FACE up; paste goes on the other side'
    : 'Cut with the PASTE side up'

/** The template of a piece at 1:1, with its grain, which side is up, and a check bar. */
export function colleTemplateSheet(setting: ColleSetting, template: ColleTemplate): SheetDrawing {
  const widthMm = Math.max(template.widthMm, CHECK_BAR_MM) + 2 * MARGIN_MM
  const x = (widthMm - template.widthMm) / 2
  const below = MARGIN_MM + template.heightMm + 6
  const bar = checkBar((widthMm - CHECK_BAR_MM) / 2, below)
  const words = [
    `${setting.name}: ${formatMm(template.widthMm)} × ${formatMm(template.heightMm)} dry, allowance ${formatFine(setting.allowanceMm, 1)}, growth taken back ${formatNumber(setting.growthAlongPercent, 2)} % along, ${formatNumber(setting.growthAcrossPercent, 2)} % across`,
    `${sideWords(setting)}. Grain as the arrow. ${PASTES[setting.paste]}.`,
  ]
  return {
    widthMm,
    heightMm: below + CHECK_BAR_HEIGHT_MM + 12,
    title: `${setting.name}, template for chine collé`,
    strokes: [
      { points: template.outline.map(([px, py]) => [px + x, py + MARGIN_MM]), isClosed: true, widthMm: 0.3 },
      ...grainArrow(x + template.widthMm / 2, MARGIN_MM + template.heightMm / 2, setting.grain),
      ...bar.strokes,
    ],
    words: [
      ...bar.words,
      ...words.map((text, i) => ({
        text,
        at: [widthMm / 2, below + CHECK_BAR_HEIGHT_MM + 3 + 4 * i] as [number, number],
        sizeMm: 2.4,
        anchor: 'middle' as const,
      })),
    ],
    pictures: [],
  }
}

/** The pieces laid out on the sheet of thin paper at 1:1, with a check bar beneath it. */
export function colleNestSheet(
  setting: ColleSetting,
  template: ColleTemplate,
  nest: ColleNest,
): SheetDrawing {
  const widthMm = Math.max(setting.sheetWidthMm, CHECK_BAR_MM) + 2 * MARGIN_MM
  const below = MARGIN_MM + setting.sheetHeightMm + 6
  const bar = checkBar((widthMm - CHECK_BAR_MM) / 2, below)
  const at = (dx: number, dy: number) =>
    template.outline.map(([x, y]) => [x + MARGIN_MM + dx, y + MARGIN_MM + dy] as [number, number])
  const { sheetWidthMm: w, sheetHeightMm: h } = setting
  return {
    widthMm,
    heightMm: below + CHECK_BAR_HEIGHT_MM + 6,
    title: `${setting.name}, ${nest.placements.length} pieces on a sheet`,
    strokes: [
      {
        points: [
          [MARGIN_MM, MARGIN_MM],
          [MARGIN_MM + w, MARGIN_MM],
          [MARGIN_MM + w, MARGIN_MM + h],
          [MARGIN_MM, MARGIN_MM + h],
        ],
        isClosed: true,
        widthMm: 0.5,
        isDashed: true,
      },
      ...nest.placements.map(({ xMm, yMm }): Stroke => ({
        points: at(xMm, yMm),
        isClosed: true,
        widthMm: 0.3,
      })),
      ...grainArrow(MARGIN_MM + w - 10, MARGIN_MM + h - 10, setting.grain),
      ...bar.strokes,
    ],
    words: [
      ...bar.words,
      {
        text: sideWords(setting),
        at: [widthMm / 2, below + CHECK_BAR_HEIGHT_MM + 3],
        sizeMm: 2.4,
        anchor: 'middle',
      },
    ],
    pictures: [],
  }
}
