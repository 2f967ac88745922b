import { loadStore } from '@/data/store'
import { StoreLedger } from '@/stations/store/StoreLedger'

export const metadata = { title: 'Store' }

export default async function StorePage() {
  return (
    <main className="p-3 sm:p-5">
      <StoreLedger store={await loadStore()} />
    </main>
  )
}
