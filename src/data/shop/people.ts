import type { Transaction } from 'sequelize'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { isOnePerson } from '../database/personFor'
import { readRows } from '../database/readRows'
import type { PersonRow } from '../database/tables'

/** Everybody who was ever named beside an entry, in the order they came. */
export async function loadPeople(transaction?: Transaction): Promise<PersonRow[]> {
  const { tables } = await openDatabase()
  return readRows(tables.people, { order: ['since', 'id'], transaction })
}

/**
 * Changes what a person is called from now on. What was recorded keeps the name as it was written.
 *
 * @throws FieldError when another person goes by that name; NotFoundError; ZodError
 */
export async function renamePerson(id: string, input: string): Promise<void> {
  const name = label.parse(input)
  await write(async (tables, transaction) => {
    const people = await readRows(tables.people, { transaction })
    if (!people.some((person) => person.id === id)) throw new NotFoundError('This person')
    if (people.some((person) => person.id !== id && isOnePerson(person.name, name)))
      throw new FieldError([{ field: 'name', message: 'Another person goes by this name.' }])
    await tables.people.update({ name }, { where: { id }, transaction })
  })
}
