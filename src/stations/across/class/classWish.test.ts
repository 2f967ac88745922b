import { expect, it } from 'vitest'
import { EMPTY_ROW, pasteRows } from '@/core/day/peopleRows'
import { classForm, makersOf, readWish } from './classWish'

const pasted = pasteRows([], 0, 'Ada\t20 min\t5\t0,75\nBo\nCy\t\t\t2')!

it('a pasted class is read with what is usual, and begins today at the time typed', () => {
  const { roster, people, wrong } = readWish({ ...classForm(null), rows: pasted, begins: '09:30' }, null)
  expect([people, wrong]).toEqual([3, []])
  expect(
    roster?.makers.map(({ id, name, prepMinutes, thicknessMm }) => [id, name, prepMinutes, thicknessMm]),
  ).toEqual([
    [1, 'Ada', 20, 0.75],
    [2, 'Bo', 15, 1],
    [3, 'Cy', 15, 2],
  ])
  expect(new Date(roster!.startAt).getHours()).toBe(9)
})

it('typed on, whoever was there keeps id and standing, and a newcomer gets the next', () => {
  const kept = readWish({ ...classForm(null), rows: pasted }, null).roster!
  const makers = kept.makers.map((maker) =>
    maker.name.startsWith('Bo') ? { ...maker, standing: 'late' as const } : maker,
  )
  const form = classForm({ ...kept, makers })
  const rows = [...form.rows.filter(({ name }) => !name.startsWith('Ada')), { ...EMPTY_ROW, name: 'Dee' }]
  const again = readWish({ ...form, rows }, { ...kept, makers }).roster!
  expect(again.makers.map(({ id, name, standing }) => [id, name, standing])).toEqual([
    [2, 'Bo', 'late'],
    [3, 'Cy', 'waiting'],
    [4, 'Dee', 'waiting'],
  ])
  expect(again.startAt).toBe(kept.startAt)
  expect(makersOf([], makers)).toEqual([])
})

it('says what is wrong where it is', () => {
  const twice = readWish({ ...classForm(null), rows: [...pasted, pasted[0]] }, null)
  expect(twice.roster).toBeNull()
  expect(twice.problemAt('makers')).toBe('Ada is there twice')
  expect(readWish({ ...classForm(null), rows: pasted, begins: '' }, null).problemAt('startAt')).toBeDefined()
  expect(readWish({ ...classForm(null), rows: pasted, places: 0 }, null).problemAt('places')).toBe(
    'must be 1 or more',
  )
  expect(readWish(classForm(null), null).roster).toBeNull()
})
