import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { CorrectRoom } from '@/stations/ink/CorrectRoom'

export const metadata = { title: 'Correct a batch' }

export default async function InkCorrectPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <CorrectRoom inks={inks} papers={papers} cards={cards} />
}
