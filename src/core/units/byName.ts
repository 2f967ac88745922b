/**
 * Where people tell things apart by the names they gave them (inks of a recipe, people in a queue, zones, pieces), the name is the key. It is
 * compared here and nowhere else: what a thing is stands on its entry, and is never told from its name.
 */
interface Named {
  name: string
}

/** Whether two things go by the same name. */
export const isSameName = (a: Named | null | undefined, b: Named | null | undefined): boolean =>
  a?.name === b?.name

/** The thing of that name; undefined: there is none. @example findByName([{ name: 'sky' }], 'sky') // { name: 'sky' } */
export const findByName = <T extends Named>(
  list: readonly T[],
  name: string | null | undefined,
): T | undefined => list.find((one) => one.name === name)

/** Whether a thing of that name is in the list. */
export const hasName = (list: readonly Named[], name: string): boolean =>
  list.some((one) => one.name === name)

/** Whether an earlier one of the list goes by the same name. @param at place of the one asked about */
export const isNamedBefore = (list: readonly Named[], at: number): boolean =>
  list.slice(0, at).some((one) => one.name === list[at].name)
