import { loadCards } from '@/data/cards'
import { loadStore } from '@/data/store'
import { InkStation } from '@/stations/ink/InkStation'

export default async function InkPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <InkStation inks={inks} papers={papers} cards={cards} />
}
