'use client'

import { useRef, useState } from 'react'

/** Says whether what was changed is on the disk: each change is sent by itself, and only when none is under way any more it is kept. */
export function useKeeping(): {
  words: '' | 'Saving…' | 'Saved'
  keep: (act: () => Promise<boolean>) => Promise<void>
} {
  const [words, setWords] = useState<'' | 'Saving…' | 'Saved'>('')
  const underWay = useRef(0)
  const keep = async (act: () => Promise<boolean>) => {
    underWay.current += 1
    setWords('Saving…')
    let isKept = false
    try {
      isKept = await act()
    } finally {
      underWay.current -= 1
      if (underWay.current === 0) setWords(isKept ? 'Saved' : '')
    }
  }
  return { words, keep }
}
