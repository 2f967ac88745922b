'use client'

import { useKeptSwitch } from '@/ui/useKeptSwitch'

/** Whether this device says what a room is for the first time somebody is there, and a way to say so. */
export const useFirstLines = () => useKeptSwitch('typothesis-first-lines')
