import { BeginForm } from '@/stations/shop/workshop/BeginForm'
import { ImportJob } from '@/stations/shop/workshop/ImportJob'
import { readBeginShelf } from '@/stations/shop/workshop/readBeginShelf'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'New job' }

async function NewJobPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <BeginForm shelf={await readBeginShelf()}>
        <section aria-label="From another workshop" className="mt-6 border-t border-line pt-4">
          <ImportJob />
        </section>
      </BeginForm>
    </main>
  )
}

export default onlyFor('shop', NewJobPage)
