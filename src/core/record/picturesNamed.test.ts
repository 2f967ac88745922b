import { describe, expect, it } from 'vitest'
import { picturesNamedIn, withPicturesNamed } from './picturesNamed'

const document = {
  title: 'Mooring posts',
  plateStates: [{ imageId: 'a' }, { imageId: null }],
  pulls: [
    {
      events: [
        { event: { kind: 'laid', laid: { number: 1, imageId: 'b' } } },
        { event: { scan: { imageId: 'a' } } },
      ],
    },
  ],
  note: 'a',
}

describe('pictures a document names', () => {
  it('are found wherever they stand, each once', () => {
    expect(picturesNamedIn(document)).toEqual(['a', 'b'])
    expect(picturesNamedIn(null)).toEqual([])
  })
  it('take other names, and nothing else does', () => {
    const renamed = withPicturesNamed(document, new Map([['a', 'z']]))
    expect(picturesNamedIn(renamed)).toEqual(['z', 'b'])
    expect(renamed).toMatchObject({ note: 'a', title: 'Mooring posts' })
    expect(withPicturesNamed(document, new Map())).toEqual(document)
  })
})
