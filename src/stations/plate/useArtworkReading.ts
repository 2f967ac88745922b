'use client'

import { useEffect, useState } from 'react'
import type { ArtworkReading } from '@/core/plate/artworkReading'
import { sendAct } from '../across/act/sendAct'
import { useJob } from '../across/bench/BenchContext'
import { readArtworkAction } from './roomActions'

/** What the plate's artwork says of its making, read by the server once the page stands; null: not read yet, or there is none. */
export function useArtworkReading(): ArtworkReading | null {
  const { id: jobId } = useJob()
  const [reading, setReading] = useState<ArtworkReading | null>(null)
  useEffect(() => {
    let isHere = true
    void sendAct(readArtworkAction, { jobId }).then((answer) => {
      if (isHere && answer.ok) setReading(answer.reading)
    })
    return () => {
      isHere = false
    }
  }, [jobId])
  return reading
}
