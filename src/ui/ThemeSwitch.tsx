'use client'

import { Moon, Sun } from 'lucide-react'

const KEY = 'typothesis-theme'

/** Sets the theme before anything is painted: what the person chose, or what the machine prefers. */
export const THEME_SCRIPT = `(function(){try{var t=localStorage.getItem('${KEY}')}catch(e){}document.documentElement.dataset.theme=t||(matchMedia('(prefers-color-scheme: dark)').matches?'dark':'light')})()`

/** Switches between the light room and the dim bench. */
export function ThemeSwitch() {
  const turn = () => {
    const next = document.documentElement.dataset.theme === 'dark' ? 'light' : 'dark'
    document.documentElement.dataset.theme = next
    try {
      localStorage.setItem(KEY, next)
    } catch {
      // Without storage the choice lasts as long as the page.
    }
  }
  return (
    <button
      type="button"
      onClick={turn}
      className="grid size-11 place-items-center"
      aria-label="Light or dim room"
    >
      <Sun size={18} className="hidden [[data-theme=dark]_&]:block" aria-hidden />
      <Moon size={18} className="[[data-theme=dark]_&]:hidden" aria-hidden />
    </button>
  )
}
