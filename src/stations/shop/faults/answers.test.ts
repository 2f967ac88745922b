import { describe, expect, it } from 'vitest'
import type { FaultCase } from '@/core/edition/faultAlbum'
import { faultAnswer } from './answers'

const cured = (...changes: string[]) => ({ cure: { after: 1, changes } }) as FaultCase
const open = { cure: null } as FaultCase

describe('what the fault album says first', () => {
  it('is what cured it most often here', () => {
    expect(faultAnswer('smear', [cured('oil −1 drop'), cured('oil −1 drop'), cured()])).toEqual({
      says: 'Smear: oil −1 drop',
      because: 'It went with this at 2 of 3 prints; what else was changed with it is listed below.',
    })
  })
  it('says where nothing was set otherwise, nothing was cured, or nobody had it', () => {
    expect(faultAnswer('smear', [cured(), open]).says).toBe('Smear: it went with nothing set otherwise')
    expect(faultAnswer('smear', [open]).says).toBe('Smear: 1 print, none cured yet')
    expect(faultAnswer('smear', []).because).toContain('The trade looks here first')
  })
})
