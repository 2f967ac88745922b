import { expect, it } from 'vitest'
import { planByClock, type BiteByClock } from '@/core/plate/biteByClock'
import { clockAnswer } from './clockAnswer'

const zinc: BiteByClock = { metal: 'zinc', mordant: 'saline-sulphate', depthMicrometres: 20, bathC: 20 }

it('says when to look first, and how long it is likely to take', () => {
  expect(clockAnswer(planByClock(zinc), 20)).toEqual({
    says: 'Look after 1:00, then as below',
    because: '20 µm usually take 2:00 to 10:00 here: a first bite narrows it.',
  })
  expect(
    clockAnswer(planByClock({ ...zinc, measured: { minutes: 1, depthMicrometres: 10 } }), 20),
  ).toMatchObject({ says: 'Bite about 2:00' })
  expect(clockAnswer(planByClock({ ...zinc, mordant: 'nitric' }), 20).says).toBe(
    'A scrap first: look after 0:30',
  )
  expect(clockAnswer(planByClock({ ...zinc, mordant: 'ferric' }), 20).because).toMatch(/^No usual time/)
  expect(clockAnswer(planByClock({ ...zinc, metal: 'copper' }), 20)).toMatchObject({
    says: '◆ Not this metal in this bath',
  })
  expect(clockAnswer(null, null).asks?.anchor).toBe('clock-depth')
})
