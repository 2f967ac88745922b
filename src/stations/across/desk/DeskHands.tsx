'use client'

import { Button } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { LONGEST_NAME } from './DeskWaiting'
import { OverTheDesk } from './OverTheDesk'
import type { DeskMemory } from './deskMemory'
import type { DeskSignals } from './useDeskSignals'

const FOR: Record<DeskMemory['role'], string> = {
  both: 'both',
  inky: 'inky hands',
  clean: 'clean hands',
}

/** Who works at this desk, which hands this device is for, and how it tells them what is due. */
export function DeskHands({
  memory: { hands, role },
  inker,
  signals,
  onSet,
}: {
  memory: Pick<DeskMemory, 'hands' | 'role'>
  /** who inks: named here, or the person this device knows */
  inker: string
  signals: DeskSignals
  onSet: (patch: Partial<DeskMemory>) => void
}) {
  return (
    <OverTheDesk
      line={`Hands: ${inker || 'nobody named'}${hands.laid && hands.laid !== inker ? `, ${hands.laid} lays` : ''}; this device is for ${FOR[role]}`}
    >
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField
          label="Inks"
          maxLength={LONGEST_NAME}
          value={hands.inked}
          placeholder={inker}
          onText={(inked) => onSet({ hands: { ...hands, inked } })}
        />
        <TextField
          label="Wipes"
          maxLength={LONGEST_NAME}
          value={hands.wiped}
          placeholder={inker}
          onText={(wiped) => onSet({ hands: { ...hands, wiped } })}
        />
        <TextField
          label="Sheet laid by"
          maxLength={LONGEST_NAME}
          value={hands.laid}
          placeholder={inker}
          onText={(laid) => onSet({ hands: { ...hands, laid } })}
        />
      </div>
      <div className="mt-3">
        <Choice
          label="This device is for"
          value={role}
          options={[
            ['both', 'Both hands'],
            ['inky', 'Inky hands'],
            ['clean', 'Clean hands'],
          ]}
          onPick={(next) => onSet({ role: next })}
        />
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <Check label="A bell when something is due" checked={signals.rings} onCheck={signals.setRings} />
        {signals.notices === 'default' && (
          <Button onClick={signals.askForNotices}>Tell me over other windows too</Button>
        )}
        {signals.notices === 'granted' && <p>What is due is told over other windows.</p>}
        {signals.notices === 'denied' && (
          <p>This browser was told not to show notices; the tab’s title counts all the same.</p>
        )}
      </div>
    </OverTheDesk>
  )
}
