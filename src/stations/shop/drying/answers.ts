import type { DryingAct, DryingPlace } from '@/core/dry/dryingPlaces'
import type { RoomAnswer } from '@/ui/Answer'

/** What is done next at the racks. @param said a moment as one says it */
export function racksAnswer(
  places: readonly Pick<DryingPlace, 'name'>[],
  acts: readonly Pick<DryingAct, 'words' | 'isDue' | 'at'>[],
  said: (at: string) => string,
): RoomAnswer {
  if (places.length === 0)
    return {
      says: 'Name your racks, stacks and piles',
      because: 'Then it can be said which is full, and when to change what lies between the prints.',
      asks: { words: 'Go to the name', anchor: 'place-name' },
    }
  if (acts.length === 0)
    return { says: 'Nothing lies to dry', because: 'Prints are laid here from a job, at Dry & Sign.' }
  const [{ words, isDue, at }] = acts
  return {
    says: isDue ? words : `Nothing due before ${said(at)}`,
    because: isDue ? `Due since ${said(at)}.` : `Then: ${words}.`,
  }
}
