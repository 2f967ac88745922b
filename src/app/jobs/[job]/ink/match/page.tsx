import { loadCards } from '@/data/cards'
import { loadStore } from '@/data/store'
import { MatchRoom } from '@/stations/ink/MatchRoom'

export default async function InkMatchPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <MatchRoom inks={inks} papers={papers} cards={cards} />
}
