import { plural } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'
import type { SharedShape } from './sharedShape'

/** What is done next about devices. @param shared null: the workshop is not shared */
export function devicesAnswer(shared: Pick<SharedShape, 'code' | 'waiting' | 'devices'> | null): RoomAnswer {
  if (!shared)
    return {
      says: 'Nobody but this machine reaches the workshop',
      because:
        'To use a tablet at the press or a second desk, end it and start it again with: npm start -- --share',
    }
  const [first] = shared.waiting
  if (first)
    return {
      says: `“${first.name}” asks to be let in`,
      because: 'Let it in only if you see this name on the device in your hand.',
    }
  if (shared.code)
    return {
      says: 'Type the code on the new device',
      because: 'Give it a name there: it is shown here before it is let in.',
    }
  const { length } = shared.devices
  return {
    says:
      length === 0
        ? 'Shared, with no device yet'
        : `Shared with ${length} ${plural(length, 'device', 'devices')}`,
    because: 'Whoever has no code from this machine sees the pairing page and nothing else.',
  }
}
