'use client'

import { useEffect, useState } from 'react'

/** What a chart is drawn with. */
export interface Colours {
  text: string
  line: string
  edge: string
  theme: 'light' | 'dark'
}

/** The interface's own colours, read again when the room turns dim or light. */
export function useColours(): Colours | null {
  const [colours, setColours] = useState<Colours | null>(null)
  useEffect(() => {
    const root = document.documentElement
    const read = () => {
      const style = getComputedStyle(root)
      const colour = (name: string) => style.getPropertyValue(name).trim()
      setColours({
        text: colour('--text'),
        line: colour('--line'),
        edge: colour('--edge'),
        theme: root.dataset.theme === 'dark' ? 'dark' : 'light',
      })
    }
    read()
    const observer = new MutationObserver(read)
    observer.observe(root, { attributeFilter: ['data-theme'] })
    return () => observer.disconnect()
  }, [])
  return colours
}
