import type { QueuedPerson } from './pressQueue'

/** What was wrong with a line of a typed list. */
export interface LineProblem {
  line: number
  message: string
}

const USUAL = { prepMinutes: 15, pressMinutes: 6, thicknessMm: 1 }
const NUMBER = /^\d+(?:[.,]\d+)?$/

/**
 * Reads a typed list of people, one a line: "name; minutes to prepare; minutes at the press; plate in mm". What is left out is
 * taken as usual (15 min, 6 min, 1 mm); empty lines are passed over.
 */
export function readPeople(text: string): { people: QueuedPerson[]; problems: LineProblem[] } {
  const people: QueuedPerson[] = []
  const problems: LineProblem[] = []
  text.split(/\r?\n/).forEach((raw, i) => {
    if (!raw.trim()) return
    const [name, ...rest] = raw.split(/[;\t]/).map((part) => part.trim())
    const wrong = rest.find((part) => part && !NUMBER.test(part))
    if (!name) return problems.push({ line: i + 1, message: 'has no name' })
    if (wrong) return problems.push({ line: i + 1, message: `“${wrong}” is not a number` })
    if (rest.length > 3)
      return problems.push({ line: i + 1, message: 'has more than a name and three numbers' })
    const [prep, press, thickness] = rest.map((part) => (part ? Number(part.replace(',', '.')) : null))
    people.push({
      name,
      prepMinutes: prep ?? USUAL.prepMinutes,
      pressMinutes: press ?? USUAL.pressMinutes,
      thicknessMm: thickness ?? USUAL.thicknessMm,
    })
  })
  return { people, problems }
}

/** Writes people back as a list that can be typed on. */
export const writePeople = (people: readonly QueuedPerson[]): string =>
  people
    .map(
      ({ name, prepMinutes, pressMinutes, thicknessMm }) =>
        `${name}; ${prepMinutes}; ${pressMinutes}; ${thicknessMm}`,
    )
    .join('\n')
