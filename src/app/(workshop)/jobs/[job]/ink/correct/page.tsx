import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { CorrectRoom } from '@/stations/ink/CorrectRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Correct a batch' }

async function InkCorrectPage() {
  const [{ inks, papers }, cards] = await Promise.all([loadStore(), loadCards()])
  return <CorrectRoom inks={inks} papers={papers} cards={cards} />
}

export default onlyFor('shop', InkCorrectPage)
