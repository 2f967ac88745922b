import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { CardRoom } from '@/stations/ink/CardRoom'

export const metadata = { title: 'Recipe card' }

export default async function InkCardPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <CardRoom inks={inks} papers={papers} cards={cards} />
}
