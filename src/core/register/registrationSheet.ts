import { formatInches, formatMm } from '../units/length'
import type { Margins } from './margins'

/** What a registration sheet shows; all lengths in millimetres. */
export interface RegistrationSheetInput {
  paper: { widthMm: number; heightMm: number }
  plate: { widthMm: number; heightMm: number }
  margins: Margins
  /** Seen from beneath: the whole sheet turned left for right, so that its notes read true. */
  mirrored: boolean
  title: string
}

/** Length of the check bar: measured after printing, it proves the scale. */
export const CHECK_BAR_MM = 100
/** Room round the paper outline for the check bar and the notes. */
export const SURROUND_MM = 22

const escapeXml = (text: string) => text.replace(/[&<>"]/g, (glyph) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[glyph]!)
const line = (x1: number, y1: number, x2: number, y2: number) => `<line x1="${x1}" y1="${y1}" x2="${x2}" y2="${y2}"/>`
const rectangle = (x: number, y: number, width: number, height: number, id: string) => `<rect id="${id}" x="${x}" y="${y}" width="${width}" height="${height}"/>`

/** Marks that reach outward from a rectangle's corners, so that they stay visible round a laid plate or sheet. */
function cornerMarks(x: number, y: number, width: number, height: number, reach: number): string {
  return [x, x + width]
    .flatMap((cornerX) => [y, y + height].map((cornerY) => {
      const outX = cornerX === x ? -1 : 1
      const outY = cornerY === y ? -1 : 1
      return line(cornerX + outX, cornerY, cornerX + outX * reach, cornerY) + line(cornerX, cornerY + outY, cornerX, cornerY + outY * reach)
    }))
    .join('')
}

/**
 * The sheet that lies under the plate, as SVG at 1:1: paper outline outside, plate inside, corner and centre marks,
 * and a 100 mm check bar outside the paper. Seen from the printer's side the notes are mirrored, so that they cannot
 * pass for part of the print; seen from beneath the drawing is mirrored and the notes read true.
 *
 * @returns an SVG document whose width and height are in millimetres and whose user unit is the millimetre
 */
export function drawRegistrationSheet({ paper, plate, margins, mirrored, title }: RegistrationSheetInput): string {
  const width = Math.max(paper.widthMm, CHECK_BAR_MM) + 2 * SURROUND_MM
  const height = paper.heightMm + 2 * SURROUND_MM
  const paperX = (width - paper.widthMm) / 2
  const plateX = paperX + margins.leftMm
  const plateY = SURROUND_MM + margins.topMm
  const middle = width / 2
  const plateMiddleY = plateY + plate.heightMm / 2
  const barX = middle - CHECK_BAR_MM / 2
  const barY = SURROUND_MM + paper.heightMm + 7
  const ticks = Array.from({ length: 11 }, (_, i) => line(barX + i * 10, barY, barX + i * 10, barY + (i % 5 === 0 ? 4 : 2.5))).join('')
  // The check bar always reads true; the notes read true only from beneath. Inside the mirrored group reading true means turning back.
  const write = (text: string, x: number, y: number, size: number, turned: boolean) =>
    `<text transform="translate(${x} ${y})${turned ? ' scale(-1 1)' : ''}" font-size="${size}" text-anchor="middle">${escapeXml(text)}</text>`
  const sizes = `${title}: paper ${formatMm(paper.widthMm)} × ${formatMm(paper.heightMm)}, plate ${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}`
  const edges = `sides ${formatMm(margins.leftMm)} (${formatInches(margins.leftMm)}), top ${formatMm(margins.topMm)}, bottom ${formatMm(margins.bottomMm)}`

  const body = [
    `<g fill="none" stroke="#111" stroke-width="0.25">`,
    rectangle(paperX, SURROUND_MM, paper.widthMm, paper.heightMm, 'paper'),
    cornerMarks(paperX, SURROUND_MM, paper.widthMm, paper.heightMm, 8),
    `<g stroke-width="0.4">${rectangle(plateX, plateY, plate.widthMm, plate.heightMm, 'plate')}</g>`,
    cornerMarks(plateX, plateY, plate.widthMm, plate.heightMm, Math.min(6, margins.leftMm, margins.topMm, margins.bottomMm)),
    line(middle, SURROUND_MM - 6, middle, SURROUND_MM), line(middle, SURROUND_MM + paper.heightMm, middle, SURROUND_MM + paper.heightMm + 5),
    line(paperX - 6, plateMiddleY, paperX, plateMiddleY), line(paperX + paper.widthMm, plateMiddleY, paperX + paper.widthMm + 6, plateMiddleY),
    `<g id="check-bar">${line(barX, barY, barX + CHECK_BAR_MM, barY)}${ticks}</g>`,
    `</g>`,
    `<g fill="#111" font-family="sans-serif">`,
    write(sizes, middle, SURROUND_MM - 9, 3.4, true),
    write(edges, middle, SURROUND_MM - 4.5, 3, true),
    write(`${CHECK_BAR_MM} mm: measure this bar after printing`, middle, barY + 9, 3.4, mirrored),
    `</g>`,
  ].join('')
  const turned = mirrored ? `<g transform="translate(${width} 0) scale(-1 1)">${body}</g>` : body
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="#fff"/>${turned}</svg>`
}
