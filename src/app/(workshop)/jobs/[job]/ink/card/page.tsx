import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { CardRoom } from '@/stations/ink/CardRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Recipe card' }

async function InkCardPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <CardRoom inks={inks} papers={papers} cards={cards} />
}

export default onlyFor('shop', InkCardPage)
