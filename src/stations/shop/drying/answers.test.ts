import { describe, expect, it } from 'vitest'
import { racksAnswer } from './answers'

const act = {
  words: 'Rack: change what lies between the 4 of A',
  isDue: false,
  at: '2031-05-02T09:30:00.000Z',
}
const said = () => 'Friday 09:30'

describe('what the racks say first', () => {
  it('asks for a place, says that nothing dries, what comes, or what is due', () => {
    expect(racksAnswer([], [], said)).toMatchObject({ asks: { anchor: 'place-name' } })
    expect(racksAnswer([{ name: 'Rack' }], [], said).says).toBe('Nothing lies to dry')
    expect(racksAnswer([{ name: 'Rack' }], [act], said).says).toBe('Nothing due before Friday 09:30')
    expect(racksAnswer([{ name: 'Rack' }], [{ ...act, isDue: true }], said)).toEqual({
      says: act.words,
      because: 'Due since Friday 09:30.',
    })
  })
})
