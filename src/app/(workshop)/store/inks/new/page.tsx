import { loadInks } from '@/data/shop/inks'
import { NewInk } from '@/stations/shop/store/NewInk'

export const metadata = { title: 'Bring in an ink' }

export default async function NewInkPage() {
  return (
    <main className="p-3 sm:p-5">
      <NewInk inks={await loadInks()} />
    </main>
  )
}
