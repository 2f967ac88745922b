import type { Model, ModelStatic, Transaction } from 'sequelize'
import { freeSlug } from './slug'

/** A person as the database has them. */
interface Person {
  id: string
  name: string
  since: string
}

/** Whether two names as they were typed are one person's: case and spaces do not tell people apart. */
export const isOnePerson = (a: string, b: string): boolean => plain(a) === plain(b)
const plain = (name: string) => name.trim().replace(/\s+/g, ' ').toLowerCase()

/** The id of the person who goes by a name; one nobody goes by begins with this entry. */
export async function personFor(
  people: ModelStatic<Model<Person, Person>>,
  name: string,
  at: string,
  transaction?: Transaction | null,
): Promise<string> {
  const known = await people.findAll({ transaction })
  const found = known.find((person) => isOnePerson(person.get('name') as string, name))
  if (found) return found.get('id') as string
  const id = await freeSlug(name, async (slug) => known.some((person) => person.get('id') === slug))
  await people.create({ id, name: name.trim(), since: at }, { transaction })
  return id
}
