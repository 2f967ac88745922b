import { materialWords } from '../register/laidPiece'
import { readPull } from './readPull'
import type { Pull } from './pull'

/** What the sheet is, and what is stuck onto it, piece by piece. */
export interface TriedPaper {
  /** as people read it: "Rag 300, Moon: Ochre tissue" */
  words: string
  /** the newest pull on it */
  pull: Pull
  /** a picture of it, the dry one before the wet; null: none was taken */
  imageId: string | null
}

/** What a pull is printed on, in words. */
export const printedOn = ({ paper, register }: Pull['settings']): string =>
  [paper.name, ...register.colle.map(({ name, material }) => `${name}: ${materialWords(material)}`)].join(
    ', ',
  )

/** The newest pull of each paper that was tried, the paper tried last first: what lies side by side to choose from. */
export function papersTried(pulls: readonly Pull[]): TriedPaper[] {
  const newest = new Map<string, Pull>()
  for (const pull of pulls) {
    const words = printedOn(pull.settings)
    newest.delete(words)
    newest.set(words, pull)
  }
  return [...newest]
    .map(([words, pull]) => {
      const { scans, verdict } = readPull(pull)
      return { words, pull, imageId: (scans.dry ?? scans.wet)?.imageId ?? verdict?.imageId ?? null }
    })
    .reverse()
}
