import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { RecipeRoom } from '@/stations/ink/RecipeRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Match a colour' }

async function InkMatchPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <RecipeRoom inks={inks} papers={papers} cards={cards} />
}

export default onlyFor('shop', InkMatchPage)
