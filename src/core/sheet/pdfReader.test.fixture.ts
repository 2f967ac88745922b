import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'

type Matrix = readonly [number, number, number, number, number, number]
const times = (m: Matrix, n: Matrix): Matrix => [
  m[0] * n[0] + m[2] * n[1],
  m[1] * n[0] + m[3] * n[1],
  m[0] * n[2] + m[2] * n[3],
  m[1] * n[2] + m[3] * n[3],
  m[0] * n[4] + m[2] * n[5] + m[4],
  m[1] * n[4] + m[3] * n[5] + m[5],
]
const MM = 25.4 / 72

/** What an independent PDF reader finds on a page, in millimetres from its top-left corner. */
export interface ReadPage {
  widthMm: number
  heightMm: number
  pictures: { xMm: number; yMm: number; widthMm: number; heightMm: number }[]
  /** corner points of every stroked path */
  paths: { xMm: number; yMm: number }[][]
}

/** Reads the first page of a PDF with pdf.js: where its pictures and paths really lie. */
export async function readPdfPage(bytes: Uint8Array, number = 1): Promise<ReadPage> {
  const pdf = await getDocument({ data: new Uint8Array(bytes) }).promise
  const page = await pdf.getPage(number)
  const [, , width, height] = page.view
  const { fnArray, argsArray } = await page.getOperatorList()
  let matrix: Matrix = [1, 0, 0, 1, 0, 0]
  const stack: Matrix[] = []
  const read: ReadPage = { widthMm: width * MM, heightMm: height * MM, pictures: [], paths: [] }
  const at = (x: number, y: number) => ({
    xMm: (matrix[0] * x + matrix[2] * y + matrix[4]) * MM,
    yMm: (height - (matrix[1] * x + matrix[3] * y + matrix[5])) * MM,
  })
  fnArray.forEach((fn, i) => {
    const args = argsArray[i] as unknown[]
    if (fn === OPS.save) stack.push(matrix)
    else if (fn === OPS.restore) matrix = stack.pop() ?? matrix
    else if (fn === OPS.transform) matrix = times(matrix, args as unknown as Matrix)
    else if (fn === OPS.paintImageXObject) {
      const [low, high] = [at(0, 0), at(1, 1)]
      read.pictures.push({
        xMm: Math.min(low.xMm, high.xMm),
        yMm: Math.min(low.yMm, high.yMm),
        widthMm: Math.abs(high.xMm - low.xMm),
        heightMm: Math.abs(high.yMm - low.yMm),
      })
    } else if (fn === OPS.constructPath) {
      // A path is a flat list of 0 move, 1 line, 2 curve, 4 close, each with its coordinates.
      const flat = (args[1] as ArrayLike<number>[])[0]
      const points: ReadPage['paths'][number] = []
      for (let k = 0; flat && k < flat.length;) {
        const kind = flat[k]
        if (kind === 0 || kind === 1) points.push(at(flat[k + 1], flat[k + 2]))
        k += [3, 3, 7, 5, 1][kind]
      }
      if (points.length > 0) read.paths.push(points)
    }
  })
  return read
}
