import { loadInks } from '@/data/shop/inks'
import { NewInk } from '@/stations/shop/store/NewInk'

export const metadata = { title: 'Add an ink' }

export default async function NewInkPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <NewInk inks={await loadInks()} />
    </main>
  )
}
