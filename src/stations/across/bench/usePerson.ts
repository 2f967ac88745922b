'use client'

import { useKeptText } from '@/ui/useKeptText'

/** Who works at this device: remembered here, and written beside everything that is recorded. */
export function usePerson(): [name: string, setName: (name: string) => void] {
  return useKeptText('typothesis-hand')
}
