import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { people } from './people.test.fixture'
import { EMPTY_ROW, pasteRows, readPeopleRows, USUAL_PERSON, writePeopleRows } from './peopleRows'

const row = (name: string, prepMinutes = '', pressMinutes = '', thicknessMm = '') => ({
  name,
  prepMinutes,
  pressMinutes,
  thicknessMm,
})

describe('people in a table', () => {
  it('reads names with what is said, takes the rest as usual, and passes empty rows over', () => {
    expect(
      readPeopleRows([row('Ida', '12', '5,5', '0.8 mm'), EMPTY_ROW, row(' Tam '), row('Oona', '', '9 min')]),
    ).toEqual({
      people: [
        { name: 'Ida', prepMinutes: 12, pressMinutes: 5.5, thicknessMm: 0.8 },
        { name: 'Tam', ...USUAL_PERSON },
        { name: 'Oona', ...USUAL_PERSON, pressMinutes: 9 },
      ],
      problems: [],
    })
  })
  it('says what is wrong in which cell, and goes on', () => {
    const { people: read, problems } = readPeopleRows([
      row('', '3'),
      row('Ida', 'soon', '1', 'thick'),
      row('Oona'),
    ])
    expect(problems).toEqual([
      { row: 0, cell: 'name', message: 'Enter a name.' },
      { row: 1, cell: 'prepMinutes', message: '“soon” is not a number.' },
      { row: 1, cell: 'thicknessMm', message: '“thick” is not a number.' },
    ])
    expect(read.map(({ name }) => name)).toEqual(['Oona'])
  })
  it('written and read again is the same (property)', () => {
    fc.assert(
      fc.property(people(8), (list) => {
        expect(readPeopleRows(writePeopleRows(list))).toEqual({ people: list, problems: [] })
      }),
    )
  })
})

describe('a list pasted into the table', () => {
  it('is laid in from the row it was pasted into, which is taken where it was empty', () => {
    const rows = [row('Ida'), EMPTY_ROW, row('Oona')]
    expect(pasteRows(rows, 1, 'Tam\t20 min\nAsh; 12; 5\n')).toEqual([
      row('Ida'),
      row('Tam', '20 min'),
      row('Ash', '12', '5'),
      row('Oona'),
    ])
    expect(pasteRows(rows, 0, 'Tam\nAsh')).toEqual([row('Tam'), row('Ash'), ...rows])
  })
  it('leaves one cell to the field', () => {
    expect(pasteRows([EMPTY_ROW], 0, 'Tam Brocket')).toBeNull()
  })
  it('loses nobody, whatever stood there (property)', () => {
    fc.assert(
      fc.property(people(6), people(6), fc.nat(5), (there, pasted, at) => {
        const text = writePeopleRows(pasted)
          .map((one) => Object.values(one).join('\t'))
          .join('\n')
        const from = Math.min(at, there.length)
        const rows = pasteRows(writePeopleRows(there), from, text)!
        expect(readPeopleRows(rows).people).toEqual([
          ...there.slice(0, from),
          ...pasted,
          ...there.slice(from),
        ])
      }),
    )
  })
})
