'use client'

import { useState } from 'react'
import { laidPieceSchema, type LaidPiece } from '@/core/register/laidPiece'
import type { ColleSetting } from '@/core/register/chineColle'
import { usualRegister } from '@/core/register/registerSetting'
import { isSameName } from '@/core/units/byName'
import type { FieldProblem } from '@/data/database/errors'
import { sendAct } from '../across/act/sendAct'
import { useJob } from '../across/bench/BenchContext'
import { useAct } from '../across/bench/useAct'
import { useStation } from '../across/bench/useStation'
import { keepCollePieceAction } from './colleActions'

/** A piece as it is laid, of what was entered to cut it; null while nobody said what it is cut from. */
function laidOf(piece: ColleSetting): LaidPiece | null {
  const { name, material, outline, fitting, paste, face, uninked } = piece
  return material === null
    ? null
    : laidPieceSchema.parse({ name, material, outline, fitting, paste, face, uninked })
}

/** Pieces of thin paper as part of the print: kept to be cut, laid on the bench, taken off again. */
export function usePieces() {
  const job = useJob()
  const { value, change, ...kept } = useStation('register', usualRegister)
  const { busy, problems, act } = useAct()
  const [asked, setAsked] = useState<FieldProblem[]>([])
  const laid = value.colle ?? []
  const put = (colle: LaidPiece[]) => change({ colle })

  return {
    laid,
    kept,
    busy,
    problems: [...asked, ...problems, ...kept.problems],
    /** whether a piece lies on the print just as it is entered */
    isLaid: (piece: ColleSetting) =>
      laid.some((one) => JSON.stringify(laidPieceSchema.parse(one)) === JSON.stringify(laidOf(piece))),
    /** keeps a piece to be cut, and lays it; one of its name is replaced where it lies */
    lay: async (piece: ColleSetting): Promise<boolean> => {
      const next = laidOf(piece)
      setAsked(next ? [] : [{ field: 'material', message: 'Choose what it is cut from.' }])
      if (!next) return false
      // Laid before it is kept to be cut: whoever leaves the room at once takes the setting along.
      const at = laid.findIndex((one) => isSameName(one, next))
      put(at < 0 ? [...laid, next] : laid.with(at, next))
      return act(() => sendAct(keepCollePieceAction, { jobId: job.id, setting: piece }))
    },
    /** takes a piece off the print; it stays among the kept ones */
    takeOff: (name: string) => put(laid.filter((one) => !isSameName(one, { name }))),
  }
}
