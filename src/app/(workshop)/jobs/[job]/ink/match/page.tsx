import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { RecipeRoom } from '@/stations/ink/RecipeRoom'

export const metadata = { title: 'Match a colour' }

export default async function InkMatchPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <RecipeRoom inks={inks} papers={papers} cards={cards} />
}
