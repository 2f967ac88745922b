'use client'

import { useState } from 'react'
import { depthFromLoss } from '@/core/plate/bath'
import { biteByClockInput, planByClock } from '@/core/plate/biteByClock'
import { METAL_IN_MORDANT, MORDANTS, type Metal, type Mordant } from '@/core/plate/mordants'

/** A first bite as it is typed: how deep it went, felt or by weight. */
export interface LooseBite {
  minutes: number | null
  depthMicrometres: number | null
  lossGrams: number | null
  openCm2: number | null
}
const NOT_BITTEN: LooseBite = { minutes: null, depthMicrometres: null, lossGrams: null, openCm2: null }

const isMore = (value: number | null): value is number => value !== null && value > 0

/** What a first bite came to; null: not known yet. */
function measuredBy({ minutes, depthMicrometres, lossGrams, openCm2 }: LooseBite, metal: Metal) {
  if (!isMore(minutes)) return null
  if (isMore(depthMicrometres)) return { minutes, depthMicrometres }
  return isMore(lossGrams) && isMore(openCm2)
    ? { minutes, depthMicrometres: depthFromLoss({ lossGrams, openAreaCm2: openCm2, metal }) }
    : null
}

/** The mordant a metal is usually bitten with. */
const usualMordant = (metal: Metal): Mordant =>
  (Object.keys(MORDANTS) as Mordant[]).find((one) => METAL_IN_MORDANT[metal][one].does === 'bites') ??
  'ferric'

/**
 * A bite without a strip while it is planned.
 *
 * @param plateMetal of the plate on the bench; null: of none that is bitten @param artworkCm2 open area by its artwork; null: there is none
 */
export function useClockBite(plateMetal: Metal | null, artworkCm2: number | null) {
  const [metal, setMetal] = useState<Metal>(plateMetal ?? 'copper')
  const [mordant, setMordant] = useState<Mordant>(() => usualMordant(plateMetal ?? 'copper'))
  const [depth, setDepth] = useState<number | null>(60)
  const [bathC, setBathC] = useState<number | null>(20)
  const [baume, setBaume] = useState<number | null>(42)
  const [typed, setFirst] = useState(NOT_BITTEN)
  const first = { ...typed, openCm2: typed.openCm2 ?? artworkCm2 }
  const measured = measuredBy(first, metal)
  const wish = {
    metal,
    mordant,
    depthMicrometres: depth ?? Number.NaN,
    bathC: bathC ?? Number.NaN,
    baume: mordant === 'ferric' ? baume : null,
    measured,
  }
  const read = biteByClockInput.safeParse(wish)
  const plan = read.success ? planByClock(wish) : null
  return {
    metal,
    mordant,
    depth,
    bathC,
    baume,
    first,
    measured,
    plan,
    looks: plan?.refused === null ? plan.looks : [],
    warning: plan?.refused === null ? plan.warning : '',
    problemAt: (field: string) =>
      read.success ? undefined : read.error.issues.find(({ path }) => path[0] === field)?.message,
    setMetal: (next: Metal) => {
      setMetal(next)
      setMordant(usualMordant(next))
    },
    setMordant,
    setDepth,
    setBathC,
    setBaume,
    setFirst,
  }
}
export type ClockBench = ReturnType<typeof useClockBite>
