import { describe, expect, test } from 'vitest'
import { NO_BLANKETS } from './noBlankets'
import { pressByAnswer, scaleBy, waysOf } from './pressByAnswer'
import type { PressKind } from './pressKind'
import { PRESS_KINDS } from './pressKindNames'
import { schoolPack } from './usualPack'
import { PACK_SCHOOLS } from './blanket'

describe('a press of which only its kind was said', () => {
  test('has a name, is read in a way its kind can be, and says that nothing was measured', () => {
    for (const kind of Object.keys(PRESS_KINDS) as PressKind[])
      for (const way of waysOf(kind)) {
        const press = pressByAnswer(kind, way)
        expect(press.scale.id).toBe(way)
        expect(press.note).toContain('not measured')
        expect(press.scale.mmPerUnit).toBeNull()
      }
    expect(scaleBy('single-screw', 'turns').sides).toBe(1)
    expect(scaleBy('two-screw', 'turns').sides).toBe(2)
  })
  test('a school’s pack has a layer for each of its blankets', () => {
    expect(schoolPack('three')).toHaveLength(3)
    expect(schoolPack('none')).toEqual([])
    expect(PACK_SCHOOLS.none.label).toBe(NO_BLANKETS)
    for (const { thicknessMm, modulusMPa } of schoolPack('three'))
      expect(thicknessMm * modulusMPa).toBeGreaterThan(0)
  })
})
