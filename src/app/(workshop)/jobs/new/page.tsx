import { NewJobForm } from '@/stations/shop/workshop/NewJobForm'
import { Panel } from '@/ui/Panel'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'New job' }

function NewJobPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <Panel title="New job">
        <NewJobForm />
      </Panel>
    </main>
  )
}

export default onlyFor('shop', NewJobPage)
