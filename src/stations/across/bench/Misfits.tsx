'use client'

import { misfitsOf, type Misfit } from '@/core/record/jobNeed'
import { useNeed } from './useNeed'

/** Where what is wanted and what there is do not fit, with what can be done. @param of what is spoken of here; left out: all of it */
export function Misfits({ of }: { of?: Misfit['of'] }) {
  const misfits = misfitsOf(useNeed()).filter((one) => of === undefined || one.of === of)
  return misfits.map(({ of: what, words, ways }) => (
    <p data-said key={`${what} ${words}`} className="mt-3 border-l-4 border-text bg-raised p-3">
      <b>◆ {words}</b> <span className="text-sm">{ways}</span>
    </p>
  ))
}
