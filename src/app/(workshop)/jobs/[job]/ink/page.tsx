import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { InkStation } from '@/stations/ink/InkStation'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Ink' }

async function InkPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <InkStation inks={inks} papers={papers} cards={cards} />
}

export default onlyFor('shop', InkPage)
