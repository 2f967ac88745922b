'use client'

import type { BackupStanding } from '@/data/backup/backups'
import { Button } from '@/ui/Button'
import { useZone } from '@/ui/ViewerZone'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { backUpAction } from './actions'
import { backupWords } from './backupWords'

/** When the workshop was last backed up, and a backup at once. */
export function BackupLine({ standing, now }: { standing: BackupStanding; now: string }) {
  const zone = useZone()
  const { busy, problems, act } = useAct()
  const { words, isLate } = backupWords(standing, now, zone)
  return (
    <section aria-label="Backup" className="mt-4 border-t border-line pt-2 text-sm">
      <p data-said className={isLate ? 'font-medium' : ''}>
        {isLate ? '◆ ' : ''}
        {words}
      </p>
      <Problems problems={problems} />
      <Button
        look="quiet"
        className="-ml-4"
        disabled={busy}
        onClick={() => void act(() => sendAct(backUpAction, {}))}
      >
        {busy ? 'Backing up…' : 'Back up now'}
      </Button>
    </section>
  )
}
