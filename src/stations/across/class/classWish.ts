import { readPeopleRows, writePeopleRows, type PersonRow, type RowProblem } from '@/core/day/peopleRows'
import { rosterSchema, type Maker, type Roster } from '@/core/edition/roster'

/** A class as it is typed: anything may still be missing. */
export interface ClassForm {
  rows: PersonRow[]
  places: number | null
  presses: number | null
  order: Roster['order']
  /** HH:MM on the device's clock */
  begins: string
  homeOn: string
}

/** The time of day of a moment on the device's clock, HH:MM. */
function timeIn(at: string): string {
  const date = new Date(at)
  return `${String(date.getHours()).padStart(2, '0')}:${String(date.getMinutes()).padStart(2, '0')}`
}

/** A class as it can be typed on. @param roster as it is kept; null: none is */
export const classForm = (roster: Roster | null): ClassForm => ({
  rows: writePeopleRows(roster?.makers ?? []),
  places: roster?.places ?? 3,
  presses: roster?.presses ?? 1,
  order: roster?.order ?? 'fair',
  begins: roster ? timeIn(roster.startAt) : '10:00',
  homeOn: roster?.homeOn ?? '',
})

/** Makers as they were typed: whoever was on the list before keeps their id, their plate's kind and how they stand. */
export function makersOf(
  people: ReturnType<typeof readPeopleRows>['people'],
  before: readonly Maker[],
): Maker[] {
  const known = new Map(before.map((maker) => [maker.name, maker]))
  let id = before.reduce((most, maker) => Math.max(most, maker.id), 0)
  return people.map((person) => {
    const same = known.get(person.name)
    return {
      ...person,
      id: same?.id ?? ++id,
      kind: same?.kind ?? null,
      standing: same?.standing ?? 'waiting',
    }
  })
}

/** When the class begins: as it is kept while the time is the same, else today at the time typed; '': it is no time. */
function startOf(begins: string, roster: Roster | null): string {
  if (!/^\d\d:\d\d$/.test(begins)) return ''
  if (roster && timeIn(roster.startAt) === begins) return roster.startAt
  const today = new Date()
  const [hours, minutes] = begins.split(':').map(Number)
  today.setHours(hours, minutes, 0, 0)
  return today.toISOString()
}

/** What a typed class comes to. */
export interface ClassWish {
  /** null: something is missing or wrong */
  roster: Roster | null
  wrong: RowProblem[]
  people: number
  /** what is wrong with a field of the class itself */
  problemAt: (field: string) => string | undefined
}

/** Reads a class as it is typed. @param roster as it is kept; null: none is */
export function readWish(form: ClassForm, roster: Roster | null): ClassWish {
  const { people, problems: wrong } = readPeopleRows(form.rows)
  const parsed = rosterSchema.safeParse({
    makers: makersOf(people, roster?.makers ?? []),
    startAt: startOf(form.begins, roster),
    places: form.places,
    presses: form.presses,
    order: form.order,
    homeOn: form.homeOn || null,
    isAnonymous: roster?.isAnonymous ?? false,
  })
  return {
    roster: parsed.success && wrong.length === 0 && people.length > 0 ? parsed.data : null,
    wrong,
    people: people.length,
    problemAt: (field) => parsed.error?.issues.find(({ path }) => path[0] === field)?.message,
  }
}
