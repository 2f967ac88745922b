import { describe, expect, it } from 'vitest'
import { initials, mayBeCredited, readNamed, withNamed } from './remembered'

const at = (time: string) => new Date(`2031-05-02T${time}:00`)

describe('who works at a device', () => {
  const ida = withNamed([], 'Ida Quill', at('09:00'))
  it('is asked once a day where one person works', () => {
    expect(mayBeCredited('Ida Quill', ida, at('17:59'))).toBe(true)
    expect(mayBeCredited('Ida Quill', ida, new Date('2031-05-03T08:00:00'))).toBe(false)
    expect(mayBeCredited('', ida, at('09:00'))).toBe(false)
    expect(mayBeCredited('Tam Brocket', ida, at('09:00'))).toBe(false)
  })
  it('is asked again after an hour where several do', () => {
    const both = withNamed(ida, 'Tam Brocket', at('10:00'))
    expect(mayBeCredited('Tam Brocket', both, at('10:59'))).toBe(true)
    expect(mayBeCredited('Tam Brocket', both, at('11:01'))).toBe(false)
    const long = withNamed(
      withNamed([], 'Ida Quill', new Date('2031-04-20T09:00:00')),
      'Tam Brocket',
      at('10:00'),
    )
    expect(mayBeCredited('Tam Brocket', long, at('17:00'))).toBe(true)
  })
  it('is remembered latest first, each once, and nothing unreadable', () => {
    const again = withNamed(withNamed(ida, 'Tam Brocket', at('10:00')), 'Ida Quill', at('11:00'))
    expect(again.map(({ name }) => name)).toEqual(['Ida Quill', 'Tam Brocket'])
    expect(readNamed(JSON.stringify(again))).toEqual(again)
    expect(readNamed('no list')).toEqual([])
    expect(readNamed('[{"name":1},null,{"name":"A","at":"never"}]')).toEqual([])
  })
  it('has two letters at the most', () => {
    expect(['Ida Quill', ' oona  fell maria ', 'Ada', ''].map(initials)).toEqual(['IQ', 'OF', 'A', ''])
  })
})
