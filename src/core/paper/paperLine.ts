import { parseSize, type Size } from '../units/sizeLine'

/** A paper as one says it: what it is called, and its weight and size where they were told. */
export interface PaperLine {
  name: string
  gsm: number | null
  size: Size | null
}

const SIDE = String.raw`\d+(?:[.,]\d+)?(?:[\s-]\d+\/\d+)?\s*(?:mm|cm|in|")?`
const SIZE = new RegExp(String.raw`(?:^|[\s,])(${SIDE}\s*(?:×|x|\*|by)\s*${SIDE})(?=$|[\s,])`, 'i')
/** Grams a square metre, however it is shortened. */
const WEIGHT = /(?:^|[\s,])(\d+(?:[.,]\d+)?)\s*(?:g\s*\/\s*m(?:²|2)|gsm|grams?|g)(?=$|[\s,])/i

/**
 * Reads a paper out of one line: its weight is what stands before g, gsm or g/m², its size what is written side by side, its name the rest.
 *
 * @example readPaperLine('Heron 300 g 56 × 76 cm') // { name: 'Heron', gsm: 300, size: { widthMm: 560, heightMm: 760 } }
 */
export function readPaperLine(line: string): PaperLine {
  const size = SIZE.exec(line)
  const weight = WEIGHT.exec(size ? line.replace(size[1], ' ') : line)
  const name = [size?.[1], weight?.[0]]
    .reduce<string>((rest, part) => (part ? rest.replace(part, ' ') : rest), line)
    .replace(/\s*,(?=\s*(,|$))/g, '')
    .replace(/\s+/g, ' ')
    .replace(/^[\s,]+|[\s,]+$/g, '')
  return {
    name,
    gsm: weight ? Number(weight[1].replace(',', '.')) : null,
    size: size ? parseSize(size[1]) : null,
  }
}
